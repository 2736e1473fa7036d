import { allPacks, bytesOf, isHeardOf, type Pack, type Part } from './store';

// What a device answers from its talk packs where the server does not.

const OF_VOCABULARY = /^\/api\/vocabularies\/(\d+)(?:\/|$)/;
const BOARDS = /^\/api\/vocabularies\/\d+\/boards$/;
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

async function asAnswer(part: Part | undefined): Promise<Response | undefined> {
  const bytes = part && (await bytesOf(part));
  return bytes && new Response(bytes, { headers: { 'Content-Type': part.type } });
}

/** What a pack has at an address; nothing if none may be shown. One vocabulary’s address is answered from its own pack alone. */
export async function fromPack(url: URL): Promise<Response | undefined> {
  const of = vocabularyOf(url);
  const packs = (await packsHere()).filter((pack) => of === undefined || pack.vocabulary === of);
  const heardOf = packs.filter((pack) => isHeardOf(pack));
  if (url.pathname === '/api/session' && heardOf.length === 0) return packs.length > 0 ? signedOut(packs[0]) : undefined;
  if (BOARDS.test(url.pathname)) return heardOf.length > 0 ? boardsOf(heardOf[0]) : undefined;
  for (const pack of heardOf) {
    const answered = await asAnswer(pack.parts[addressOf(url)]);
    if (answered) return answered;
  }
  return undefined;
}

/** After so long unheard it asks for the sign-in. */
async function signedOut(pack: Pack): Promise<Response | undefined> {
  const kept = await asAnswer(pack.parts['/api/session']);
  if (!kept) return undefined;
  const { account: _whose, ...session } = (await kept.json()) as { account?: unknown };
  return Response.json(session);
}

export const boardAddress = (vocabulary: number, board: string, revision: number) =>
  `/api/vocabularies/${vocabulary}/boards/${encodeURIComponent(board)}?revision=${revision}`;

/** All boards are kept one by one, so that a newer version sends those alone that changed. */
async function boardsOf(pack: Pack): Promise<Response | undefined> {
  const view = await asAnswer(pack.parts[`/api/vocabularies/${pack.vocabulary}`]);
  if (!view) return undefined;
  const { boards } = (await view.json()) as { boards: { id: string; revision: number }[] };
  const kept = await Promise.all(boards.map((b) => asAnswer(pack.parts[boardAddress(pack.vocabulary, b.id, b.revision)])));
  if (kept.some((board) => board === undefined)) return undefined;
  const texts = await Promise.all(kept.map((board) => board!.text()));
  return new Response(`[${texts.join(',')}]`, { headers: { 'Content-Type': 'application/json' } });
}
