/// <reference types="@sveltejs/kit" />
/// <reference lib="webworker" />
import { build, files, version } from '$service-worker'
import { clientsClaim } from 'workbox-core'
import {
  cleanupOutdatedCaches,
  createHandlerBoundToURL,
  precacheAndRoute,
} from 'workbox-precaching'
import { NavigationRoute, registerRoute } from 'workbox-routing'
import { CacheFirst, NetworkOnly } from 'workbox-strategies'
import { sendLeft } from './trackside/behind'
import { pictureAt } from './trackside/entries'

declare const self: ServiceWorkerGlobalScope

const PHONE = 'oldtallow-phone'

// named when the start page is written, which is later (start-script.js)
const START = '%start-script%'

// what is named by its content never changes; the rest is of this version
precacheAndRoute([
  ...[START, ...build].map((url) => ({ url, revision: null })),
  ...[...files, '/index.html'].map((url) => ({ url, revision: version })),
])
cleanupOutdatedCaches()
clientsClaim()

// every room's address opens the same page
registerRoute(
  new NavigationRoute(createHandlerBoundToURL('/index.html'), {
    denylist: [/^\/api\//, /^\/calendar\//, /\.[a-z0-9]+$/],
  }),
)

// the program that answers without a line: half a megabyte, once a version
registerRoute(
  ({ url }) => url.pathname === '/phone/trackside.js',
  new CacheFirst({ cacheName: PHONE }),
)
self.addEventListener('activate', (event) => event.waitUntil(dropOlderPrograms()))

async function dropOlderPrograms(): Promise<void> {
  const cache = await caches.open(PHONE)
  const older = (await cache.keys()).filter((one) => !one.url.endsWith(`?v=${version}`))
  await Promise.all(older.map((one) => cache.delete(one)))
}

// a picture that was taken here and is not sent yet
registerRoute(
  ({ url }) => /^\/api\/v1\/jobs\/[^/]+\/photos\/[^/]+$/.test(url.pathname),
  async (options) => {
    const waits = await pictureAt(options.url.pathname)
    return waits
      ? new Response(waits, { headers: { 'content-type': 'image/jpeg' } })
      : new NetworkOnly().handle(options)
  },
)

self.addEventListener('sync', (event) => {
  const { tag } = event as unknown as { tag: string }
  if (tag === 'oldtallow-entries') (event as ExtendableEvent).waitUntil(sendLeft())
})
