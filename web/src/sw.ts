/// <reference lib="webworker" />
import { clientsClaim } from 'workbox-core';
import { matchPrecache, precacheAndRoute } from 'workbox-precaching';
import { registerRoute } from 'workbox-routing';
import { fromPack, isLasting, isShown, lookAnew, vocabularyOf } from './pack/answers';
import { dropAll, dropPacks } from './pack/store';

// What stands between talk and the network: the application itself, and the talk packs of this device.

declare const self: ServiceWorkerGlobalScope;

/** A network that is there but answers nothing is waited for no longer than this, where a pack can answer. */
const WAIT_MS = 2500;
const TALK = /^\/vocabularies\/\d+\/talk$/;

void self.skipWaiting();
clientsClaim();

async function inTime(request: Request): Promise<Response> {
  const wait = new Promise<never>((_, late) => setTimeout(() => late(new Error()), WAIT_MS));
  return Promise.race([fetch(request), wait]);
}

/** What the server says of who may see what is heard at once. */
async function heed(url: URL, answered: Response): Promise<void> {
  const vocabulary = vocabularyOf(url);
  if (vocabulary !== undefined && (answered.status === 403 || answered.status === 404) && url.pathname === `/api/vocabularies/${vocabulary}`) {
    await dropPacks((pack) => pack.vocabulary === vocabulary);
    lookAnew();
  }
  if (url.pathname !== '/api/session' || !answered.ok) return;
  const { account } = (await answered.clone().json()) as { account?: { id: number } };
  if (account) await dropPacks((pack) => pack.account !== account.id);
  lookAnew();
}

async function shown(request: Request, url: URL): Promise<Response> {
  const kept = () => fromPack(url).catch(() => undefined);
  try {
    const answered = await ((await kept()) ? inTime(request) : fetch(request));
    await heed(url, answered).catch(() => undefined);
    return answered;
  } catch (error) {
    const answered = await kept();
    if (answered) return answered;
    throw error;
  }
}

registerRoute(
  ({ url, sameOrigin }) => sameOrigin && isShown(url),
  ({ request, url }) => shown(request, url),
);
registerRoute(
  ({ url, sameOrigin }) => sameOrigin && isLasting(url),
  async ({ request, url }) => (await fromPack(url).catch(() => undefined)) ?? fetch(request),
);
// Whoever signs out leaves nothing on the device.
registerRoute(
  ({ url, sameOrigin }) => sameOrigin && url.pathname === '/api/session',
  async ({ request }) => {
    await dropAll().catch(() => undefined);
    lookAnew();
    return fetch(request);
  },
  'DELETE',
);
registerRoute(
  ({ request }) => request.mode === 'navigate',
  async ({ request, url }) => {
    const page = () => matchPrecache('/index.html');
    try {
      return await (TALK.test(url.pathname) && (await page()) ? inTime(request) : fetch(request));
    } catch (error) {
      const kept = await page();
      if (kept) return kept;
      throw error;
    }
  },
);
precacheAndRoute(self.__WB_MANIFEST, { directoryIndex: '' });
