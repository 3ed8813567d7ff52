import { afterEach, describe, expect, it, vi } from 'vitest'
import { answerWithPasskey, knowsPasskeys, makePasskey } from './passkey'

/** A browser whose device answers with so much. */
function browser(said: unknown): { asked: unknown[] } {
  const asked: unknown[] = []
  class Answer {
    static parseCreationOptionsFromJSON = (json: unknown): unknown => json
    static parseRequestOptionsFromJSON = (json: unknown): unknown => json
    toJSON = (): unknown => said
  }
  const device = (options: unknown): Promise<Answer> => {
    asked.push(options)
    return Promise.resolve(new Answer())
  }
  vi.stubGlobal('PublicKeyCredential', Answer)
  vi.stubGlobal('navigator', { credentials: { create: device, get: device } })
  return { asked }
}

describe('passkeys', () => {
  afterEach(() => {
    vi.unstubAllGlobals()
  })

  it('hands the device what the server wants, and the server what the device made', async () => {
    const { asked } = browser({ id: 'AAAA' })

    expect(await makePasskey('{"challenge":"BBBB"}')).toEqual({ parts: ['{"id":"AAAA"}'] })
    expect(asked).toEqual([{ publicKey: { challenge: 'BBBB' } }])
  })

  it('cuts what is longer than any text the server takes, and loses nothing', async () => {
    const said = { id: 'A'.repeat(4000) }
    browser(said)

    const { parts } = await answerWithPasskey('{}')

    expect(parts.every((part) => part.length <= 2000)).toBe(true)
    expect(JSON.parse(parts.join(''))).toEqual(said)
  })

  it('offers none where the browser has none', () => {
    expect(knowsPasskeys()).toBe(false)
    browser({})
    expect(knowsPasskeys()).toBe(true)
  })
})
