/// <reference lib="webworker" />
import { clientsClaim } from 'workbox-core';
import { cleanupOutdatedCaches, matchPrecache, precacheAndRoute } from 'workbox-precaching';
import { registerRoute } from 'workbox-routing';
import { fromPack, isInPack, isLasting, isShown, lookAnew, vocabularyOf } from './pack/answers';
import { dropPacks } from './pack/store';
import { talkAt } from './pack/talkAt';

// What stands between talk and the network: the application itself, and the talk packs of this device.

declare const self: ServiceWorkerGlobalScope;

/** A network that is there but answers nothing is waited for no longer than this, where a pack can answer. */
const WAIT_MS = 2500;

// A later release waits until nobody talks any more: what is open goes on with what it was opened with.
clientsClaim();
cleanupOutdatedCaches();

/** Talk alone does not wait for a slow network; elsewhere what is shown is the server’s. */
const isTalking = (referrer: string) => referrer !== '' && talkAt(new URL(referrer).pathname) !== undefined;

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
  try {
    const hurries = isTalking(request.referrer) && (await isInPack(url).catch(() => false));
    const answered = await (hurries ? inTime(request) : fetch(request));
    await heed(url, answered).catch(() => undefined);
    return answered;
  } catch (error) {
    const answered = await fromPack(url).catch(() => undefined);
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
registerRoute(
  ({ request }) => request.mode === 'navigate',
  async ({ request, url }) => {
    const page = () => matchPrecache('/index.html');
    try {
      return await (talkAt(url.pathname) !== undefined && (await page()) ? inTime(request) : fetch(request));
    } catch (error) {
      const kept = await page();
      if (kept) return kept;
      throw error;
    }
  },
);
precacheAndRoute(self.__WB_MANIFEST, { directoryIndex: '' });
