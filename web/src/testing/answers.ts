import type { Schemas } from '$api/request'

type Stop = Schemas['StopView']

export const length = (millimetres: number): Schemas['LengthView'] => ({
  millimetres,
  thousandths: millimetres / 0.0254,
})

export const stop = (
  backOffDegrees: number,
  millimetres: number,
  verdict: Stop['verdict'],
  ...marks: number[]
): Stop => ({
  backOffDegrees,
  endPlay: length(millimetres),
  verdict,
  ways: (marks.length > 0 ? marks : [1]).map((mark) => ({ mark, seatShift: 0, turnedOver: false })),
})

/** The server's answer for a 1-14 castle nut with two holes, slot 17° short of hole 2. */
export const boardCase: Schemas['NutCalculationView'] = {
  window: {
    least: length(0.0254),
    most: length(0.127),
    fromDegrees: 5.04,
    toDegrees: 25.2,
    authority: 'COMMON_PRACTICE',
    source: 'common practice, 1 to 5 thou',
  },
  zeroPlayDegrees: 0,
  stops: [
    stop(-13, -0.0655, 'PRELOAD', 1),
    stop(17, 0.0857, 'INSIDE', 2),
    stop(47, 0.2369, 'TOO_LOOSE', 1),
    stop(77, 0.3881, 'TOO_LOOSE', 2),
  ],
  advice: {
    kind: 'TAKE_STOP',
    stop: stop(17, 0.0857, 'INSIDE', 2),
    remedies: [],
    measureAgain: false,
  },
  travelPerTurn: length(1.814),
  byEye: length(0.01),
  rim: { millimetres: [{ degrees: 0, number: 0, labelled: true }], thousandths: [] },
}

/** Answers every request with what `reply` makes of it; returns the requests seen. */
export function answerWith(reply: (path: string, body: unknown) => Response | Promise<Response>): {
  path: string
  body: unknown
}[] {
  const seen: { path: string; body: unknown }[] = []
  globalThis.fetch = async (input) => {
    const request = input as Request
    const text = await request.text()
    const asked = {
      path: new URL(request.url).pathname,
      body: text === '' ? null : (JSON.parse(text) as unknown),
    }
    seen.push(asked)
    return reply(asked.path, asked.body)
  }
  return seen
}

export const json = (body: unknown, status = 200): Response =>
  new Response(JSON.stringify(body), { status, headers: { 'content-type': 'application/json' } })
