/// <reference lib="webworker" />
import { CacheFirst, NetworkOnly, Serwist, type PrecacheEntry, type SerwistGlobalConfig } from 'serwist';

/**
 * The page without the server: everything that it is built of is kept after the first visit, and every address of the page shows it. The API
 * is never kept here: makings are kept by the page itself, where they can also be written.
 */
declare global {
  interface WorkerGlobalScope extends SerwistGlobalConfig {
    __SW_MANIFEST: (PrecacheEntry | string)[];
  }
}
declare const self: ServiceWorkerGlobalScope;

const serwist = new Serwist({
  precacheEntries: self.__SW_MANIFEST,
  precacheOptions: {
    navigateFallback: '/index.html',
    navigateFallbackDenylist: [/^\/api\//],
    cleanupOutdatedCaches: true,
  },
  skipWaiting: true,
  clientsClaim: true,
  runtimeCaching: [
    { matcher: ({ url }) => url.pathname.startsWith('/api/'), handler: new NetworkOnly() },
    // What is not kept beforehand (the makers of PDF) is kept once it was used.
    {
      matcher: ({ url }) => url.pathname.startsWith('/assets/'),
      handler: new CacheFirst({ cacheName: 'assets' }),
    },
  ],
});

serwist.addEventListeners();
