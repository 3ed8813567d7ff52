// In a browser the script runs beside the page: one message asks, one answers under the same number.
if (typeof importScripts === 'function') {
  self.addEventListener('message', ({ data }) => {
    try {
      const done = data.taken === undefined ? self.answer(...data.asked) : self.open(data.taken)
      self.postMessage({ number: data.number, done: done ?? '' })
    } catch (error) {
      self.postMessage({ number: data.number, failed: String(error) })
    }
  })
}
