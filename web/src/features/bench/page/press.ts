import { goto } from '$app/navigation'
import type { Bench } from '$features/bench/job'

/** Does what the blue button says. */
export function press(bench: Bench): void {
  if (bench.overtaken) return
  const { move } = bench
  const hub = `/wheel-ends/${bench.job?.hub.wheelEndId ?? ''}`
  switch (move.does) {
    case 'caution':
      bench.meetCaution(move.caution.id)
      break
    case 'judge': // nobody has looked because somebody pressed
      break
    case 'mechanic': // whose word it is signs in and gives it
      break
    case 'dial':
      void goto(`${hub}/nut-dial?job=${bench.job?.id ?? ''}`)
      break
    case 'others':
      void goto(`/bench/${move.hub.jobId}`)
      break
    case 'run':
      void bench.finishRun()
      break
    case 'finish':
      void bench.finish()
      break
    case 'goOn':
      void bench.goOn()
      break
    case 'close':
      void bench.close()
      break
    case 'signOff':
      void bench.signOff()
      break
    case 'leave':
      void goto(hub)
      break
    case 'nothing':
      break
  }
}
