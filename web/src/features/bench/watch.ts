/** Has {@link look} called whenever somebody writes to a job; returns what ends it. The browser asks again by itself when the line is lost. */
export function watchJob(jobId: string, look: () => void): () => void {
  const events = new EventSource(`/api/jobs/${jobId}/events`)
  events.addEventListener('changed', look)
  globalThis.addEventListener('online', look)
  // a line that was lost may have lost a step of ours, too
  events.addEventListener('open', look)
  return () => {
    events.close()
    globalThis.removeEventListener('online', look)
  }
}
