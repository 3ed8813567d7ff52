import { version } from '$app/environment'
import { line } from './line.svelte'

/**
 * Has the browser keep the pages, so that they open where there is no line; called when the page is usable. Where it does so
 * already, this device can work by itself at once.
 */
export async function startBehindThePage(): Promise<void> {
  const browser = globalThis.navigator?.serviceWorker
  if (!browser || import.meta.env.DEV) return
  try {
    await browser.register('/service-worker.js')
    await browser.ready
    await line.enable()
    if (!browser.controller) {
      await new Promise((go) => browser.addEventListener('controllerchange', go, { once: true }))
    }
    // kept by the part behind the page, once a version
    await fetch(`/phone/trackside.js?v=${version}`)
  } catch {
    return // barred, or not opened safely: all works as long as there is a line
  }
}
