import { cleanupOutdatedCaches, precacheAndRoute, type PrecacheEntry } from 'workbox-precaching';
import { NavigationRoute, registerRoute } from 'workbox-routing';
import { NetworkFirst } from 'workbox-strategies';

/**
 * Keeps the page and its code on the device, so that it loads while the server is away. What the API says is not kept
 * here: the page itself keeps what it needs.
 */
declare const __PRECACHE__: (PrecacheEntry | string)[];
interface Worker {
  readonly skipWaiting: () => Promise<void>;
  readonly clients: { readonly claim: () => Promise<void> };
}
interface Lasting extends Event {
  readonly waitUntil: (work: Promise<unknown>) => void;
}

const page = 'probe-page';
const worker = self as unknown as Worker;

self.addEventListener('install', (event) =>
  (event as Lasting).waitUntil(Promise.all([caches.open(page).then((cache) => cache.add('/')), worker.skipWaiting()])),
);
self.addEventListener('activate', (event) => (event as Lasting).waitUntil(worker.clients.claim()));

cleanupOutdatedCaches();
precacheAndRoute(__PRECACHE__);
registerRoute(
  new NavigationRoute(
    new NetworkFirst({
      cacheName: page,
      networkTimeoutSeconds: 4,
      // One page for every address.
      plugins: [{ cacheKeyWillBeUsed: () => Promise.resolve('/') }],
    }),
    { denylist: [/^\/api\//, /^\/third-party-notices\.txt$/] },
  ),
);
