import { allPacks, bytesAt, isHeardOf, partAt, type Pack } from './store';

// What a device answers from its talk packs where the server does not.

const OF_VOCABULARY = /^\/api\/vocabularies\/(\d+)(?:\/|$)/;
/** What never changes at its address: it is taken from the pack even if there is a network. */
const LASTING = /^\/(art|effects)\/|^\/api\/speech$|^\/api\/vocabularies\/\d+\/(pictures|sounds)\/[0-9a-f]+$|^\/api\/lists\/\d+\/pictures\/[0-9a-f]+$/;
const SHOWN = /^\/api\/(session|voices)$|^\/api\/vocabularies\/\d+(\/(boards|revealed|word-forms|day-words))?$|^\/api\/lists\/\d+\/showing$/;

export const addressOf = (url: URL) => url.pathname + url.search;
export const isLasting = ({ pathname }: URL) => LASTING.test(pathname);
export const isShown = ({ pathname }: URL) => SHOWN.test(pathname);
export const vocabularyOf = ({ pathname }: URL): number | undefined => {
  const [, id] = OF_VOCABULARY.exec(pathname) ?? [];
  return id === undefined ? undefined : Number(id);
};

/** So long they are taken for what they were: a page asks for a hundred pictures at once. */
const KNOWN_MS = 1000;
let known: { packs: Promise<Pack[]>; at: number } | undefined;

/** Those that are kept here. They are read anew when somebody may have changed them, and forgotten at once when they are taken off. */
function packsHere(): Promise<Pack[]> {
  const now = performance.now();
  if (!known || now - known.at > KNOWN_MS) known = { packs: allPacks(), at: now };
  return known.packs;
}

/** They are not what they were. */
export const lookAnew = () => (known = undefined);

/** A page asks again and again for a picture whose answer does not say how long it holds. */
const HOLDS = ['max-age', 7 * 24 * 3600].join('=');
const HOLDS_NOT = 'no-cache';

async function kept(address: string, packs: Pack[]): Promise<Response | undefined> {
  const found = await bytesAt(address, packs);
  const lasting = LASTING.test(address.replace(/\?.*/, ''));
  return found && new Response(found.bytes, { headers: { 'Content-Type': found.part.type, 'Cache-Control': lasting ? HOLDS : HOLDS_NOT } });
}

/** Whether a pack has something at an address, without reading it. */
export async function isInPack(url: URL): Promise<boolean> {
  return (await partAt(addressOf(url), await packsFor(url))) !== undefined;
}

/** The packs that may answer for an address: one vocabulary’s own, and none that was not heard of for long. */
const packsFor = async (url: URL) => (await packsOf(url)).filter((pack) => isHeardOf(pack));

async function packsOf(url: URL): Promise<Pack[]> {
  const of = vocabularyOf(url);
  return (await packsHere()).filter((pack) => of === undefined || pack.vocabulary === of);
}

/** What a pack has at an address; nothing if none may be shown. One vocabulary’s address is answered from its own pack alone. */
export async function fromPack(url: URL): Promise<Response | undefined> {
  const heardOf = await packsFor(url);
  if (url.pathname === '/api/session' && heardOf.length === 0) {
    const [old] = await packsOf(url);
    return old && signedOut(old);
  }
  return kept(addressOf(url), heardOf);
}

/** After so long unheard it asks for the sign-in. */
async function signedOut(pack: Pack): Promise<Response | undefined> {
  const was = await kept('/api/session', [pack]);
  if (!was) return undefined;
  const { account: _whose, ...session } = (await was.json()) as { account?: unknown };
  return Response.json(session);
}
