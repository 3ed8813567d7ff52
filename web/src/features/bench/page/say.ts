import type { Schemas } from '$api/request'

/** Whether this browser can read aloud. */
export const canSay = (): boolean => 'speechSynthesis' in globalThis

/** Reads a step aloud, for hands that are under a hub. */
export function say(step: Schemas['BenchStepView']): void {
  const cautions = step.cautions.map((caution) => `Caution. ${caution.title}. ${caution.words}`)
  const text = [...cautions, `${step.what}.`, step.why, ...step.how].filter(Boolean).join(' ')
  globalThis.speechSynthesis.cancel()
  globalThis.speechSynthesis.speak(new SpeechSynthesisUtterance(text))
}
