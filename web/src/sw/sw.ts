import { cleanupOutdatedCaches, createHandlerBoundToURL, precacheAndRoute } from 'workbox-precaching';
import { NavigationRoute, registerRoute } from 'workbox-routing';
import { NetworkFirst } from 'workbox-strategies';

declare const __PRECACHE__: { url: string; revision: string | null }[];
/** As much of the worker's scope as is used here; the DOM types of the pages and of workers can't be mixed. */
interface Scope {
  skipWaiting: () => Promise<void>;
  clients: { claim: () => Promise<void> };
  addEventListener: (
    type: 'activate',
    listener: (event: { waitUntil: (done: Promise<void>) => void }) => void,
  ) => void;
}
const scope = globalThis as unknown as Scope;

/** Answers of the API kept for reading while the network is away; emptied at sign-out (src/api/session.ts). */
const API_CACHE = 'zumbo-api';

void scope.skipWaiting();
scope.addEventListener('activate', (event) => event.waitUntil(scope.clients.claim()));
cleanupOutdatedCaches();
precacheAndRoute(__PRECACHE__);
registerRoute(new NavigationRoute(createHandlerBoundToURL('/index.html'), { denylist: [/^\/api\//] }));
registerRoute(
  ({ url, request }) =>
    request.method === 'GET' &&
    url.pathname.startsWith('/api/') &&
    url.pathname !== '/api/live' &&
    url.pathname !== '/api/changes',
  new NetworkFirst({ cacheName: API_CACHE, networkTimeoutSeconds: 4 }),
);
