import { cleanupOutdatedCaches, createHandlerBoundToURL, precacheAndRoute } from 'workbox-precaching';
import { NavigationRoute, registerRoute } from 'workbox-routing';
import { NetworkFirst, NetworkOnly } from 'workbox-strategies';
import { API_CACHE, forgetAnswers, isTheirs, KEPT_HEADER, mayBeKept, noteWhose } from '../lib/keptAnswer';

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

/**
 * A kept answer is only for whoever it was given to. And it is as good as none for knowing what is new: the page is told,
 * and asks again (src/api/live.ts).
 */
const marked = {
  fetchDidSucceed: async ({ response }: { response: Response }) => {
    await noteWhose(response);
    return response;
  },
  cachedResponseWillBeUsed: async ({ cachedResponse }: { cachedResponse?: Response | null }) => {
    if (cachedResponse === undefined || cachedResponse === null || !(await isTheirs(cachedResponse))) {
      return null;
    }
    const headers = new Headers(cachedResponse.headers);
    headers.set(KEPT_HEADER, '1');
    return new Response(await cachedResponse.blob(), { status: cachedResponse.status, headers });
  },
};

void scope.skipWaiting();
scope.addEventListener('activate', (event) => event.waitUntil(scope.clients.claim()));
cleanupOutdatedCaches();
precacheAndRoute(__PRECACHE__);
registerRoute(new NavigationRoute(createHandlerBoundToURL('/index.html'), { denylist: [/^\/api\//] }));
registerRoute(
  ({ url, request }) => request.method === 'GET' && mayBeKept(url.pathname),
  new NetworkFirst({ cacheName: API_CACHE, networkTimeoutSeconds: 4, plugins: [marked] }),
);

// Whoever signs in or out: nothing of the one before.
registerRoute(
  ({ url }) => /^\/api\/sign-(in|out)$/.test(url.pathname),
  async ({ event, request }) => {
    await forgetAnswers();
    const response = await new NetworkOnly().handle({ event, request });
    await forgetAnswers();
    return response;
  },
  'POST',
);
