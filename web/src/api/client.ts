import { t } from '@lingui/core/macro';
import createClient from 'openapi-fetch';
import { takeEarly } from './early';
import type { paths } from './schema.gen';
import type { Button, Intention } from './types';

/** What the server answers when it does not do what was asked; `message` is its sentence for the person. */
export class Problem extends Error {
  constructor(
    readonly status: number,
    sentence: string,
    readonly conflict?: { version: number; yours?: Button; theirs?: Button },
    /** It would take words from places the student has learned: what to do instead, and whether a reason is needed to do it all the same. */
    readonly asks?: { needsReason: boolean; instead?: { words: string; intention: Intention } },
  ) {
    super(sentence);
  }
}

const UNREACHABLE = t`The server cannot be reached. Nothing kept before is lost; check the network, then try again.`;

/** Suggestions while somebody types put no dialog under the typing hands, and what is kept beside talk none over the boards; the change that follows asks. */
const ASKS_NOT = /^\/api\/(session|pictures|speech)|\/(advice|pictures|places|place-for-person|fact-notes|talk-pack|use)$/;

type SignInAgain = () => Promise<void>;
let signInAgain: SignInAgain | undefined;

/** Told how to ask for the password again, so that an expired session loses nobody's work. */
export function onSessionEnd(ask: SignInAgain | undefined): void {
  signInAgain = ask;
}

function token(): string {
  const found = document.cookie.split('; ').find((c) => c.startsWith('XSRF-TOKEN='));
  return found ? decodeURIComponent(found.slice('XSRF-TOKEN='.length)) : '';
}

async function send(request: Request): Promise<Response> {
  const again = request.clone();
  const response = await attempt(request);
  if (response.status !== 401 || !signInAgain || ASKS_NOT.test(new URL(request.url).pathname)) return response;
  await signInAgain();
  return attempt(again);
}

async function attempt(request: Request): Promise<Response> {
  if (request.method !== 'GET') request.headers.set('X-XSRF-TOKEN', token());
  try {
    return await (takeEarly(request) ?? fetch(request));
  } catch {
    throw new Problem(0, UNREACHABLE);
  }
}

/** Tells the server something while the page is being left: sent at once, and nobody waits for the answer. */
export function sayOnLeaving(method: 'DELETE', path: string): void {
  void fetch(path, { method, keepalive: true, headers: { 'X-XSRF-TOKEN': token() } }).catch(() => undefined);
}

export const client = createClient<paths>({ baseUrl: window.location.origin, fetch: send });

type Call<T> = Promise<{ data?: T; error?: unknown; response: Response }>;

/** The data of an answer, or the problem thrown. */
export async function answer<T>(call: Call<T>): Promise<T> {
  const { data, error, response } = await call;
  if (response.ok && data !== undefined) return data;
  throw problem(error, response);
}

/** For what is answered with nothing: the problem thrown, if there is one. */
export async function done(call: Call<unknown>): Promise<void> {
  const { error, response } = await call;
  if (!response.ok) throw problem(error, response);
}

function problem(error: unknown, response: Response): Problem {
  const told = (error ?? {}) as {
    detail?: string;
    version?: number;
    yours?: Button;
    theirs?: Button;
    needsReason?: boolean;
    instead?: { words: string; intention: Intention };
  };
  return new Problem(
    response.status,
    told.detail ?? UNREACHABLE,
    response.status === 409 ? { version: told.version ?? 0, yours: told.yours, theirs: told.theirs } : undefined,
    response.status === 428 ? { needsReason: told.needsReason ?? false, instead: told.instead } : undefined,
  );
}

/** Sends a form with a file, which the typed client cannot describe. */
export async function upload<T>(path: string, form: FormData): Promise<T> {
  const response = await send(new Request(window.location.origin + path, { method: 'POST', body: form }));
  const told = (await response.json().catch(() => undefined)) as (T & { detail?: string }) | undefined;
  if (response.ok && told !== undefined) return told;
  throw new Problem(response.status, told?.detail ?? UNREACHABLE);
}

/** Sends a file of which another comes back. */
export async function uploadForFile(path: string, form: FormData): Promise<Blob> {
  const response = await send(new Request(window.location.origin + path, { method: 'POST', body: form }));
  if (response.ok) return response.blob();
  const told = (await response.json().catch(() => undefined)) as { detail?: string } | undefined;
  throw new Problem(response.status, told?.detail ?? UNREACHABLE);
}

export function sentence(error: unknown): string {
  return error instanceof Error ? error.message : UNREACHABLE;
}
