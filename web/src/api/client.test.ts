import { beforeEach, describe, expect, it, vi } from 'vitest';

type Client = typeof import('./client');
let api: Client;
const calls: Request[] = [];
let answers: Response[] = [];

const json = (status: number, body: unknown) => new Response(JSON.stringify(body), { status, headers: { 'Content-Type': 'application/json' } });

beforeEach(async () => {
  calls.length = 0;
  vi.stubGlobal('window', { location: { origin: 'http://localhost' } });
  vi.stubGlobal('document', { cookie: 'other=1; XSRF-TOKEN=a%2Bb' });
  vi.stubGlobal('fetch', async (request: Request) => {
    calls.push(request.clone());
    const next = answers.shift();
    if (!next) throw new TypeError('network');
    return next;
  });
  vi.resetModules();
  api = await import('./client');
});

const undo = () => api.answer(api.client.POST('/api/vocabularies/{vocabulary}/undo', { params: { path: { vocabulary: 7 } }, body: { base: 3 } }));

describe('asking the server', () => {
  it('sends the token of the page with every change', async () => {
    answers = [json(200, { added: [] })];
    await expect(undo()).resolves.toEqual({ added: [] });
    expect(calls[0].headers.get('X-XSRF-TOKEN')).toBe('a+b');
  });

  it('turns a problem detail into its sentence, with both values of a conflict', async () => {
    answers = [json(409, { detail: 'Marit was first.', yours: { id: 'a' }, theirs: { id: 'b' } })];
    const problem = await undo().catch((e: unknown) => e);
    expect(problem).toMatchObject({ status: 409, message: 'Marit was first.', conflict: { yours: { id: 'a' }, theirs: { id: 'b' } } });
    answers = [json(422, { detail: 'There is nothing more to undo.' })];
    await expect(undo()).rejects.toMatchObject({ status: 422, conflict: undefined });
  });

  it('says that the server cannot be reached, and that nothing is lost', async () => {
    answers = [];
    await expect(undo()).rejects.toThrow('The server cannot be reached. Nothing kept before is lost');
  });

  it('asks for the password when the session has ended, then sends the same change again', async () => {
    answers = [json(401, { detail: 'You are not signed in.' }), json(200, { added: ['x'] })];
    const asked = vi.fn(async () => undefined);
    api.onSessionEnd(asked);
    await expect(undo()).resolves.toEqual({ added: ['x'] });
    expect(asked).toHaveBeenCalledOnce();
    expect(await calls[1].text()).toBe('{"base":3}');
  });

  it('takes an empty answer for what has none, and still throws a problem', async () => {
    const gone = () => api.done(api.client.DELETE('/api/own-pictures/{id}', { params: { path: { id: 1 } } }));
    answers = [new Response(null, { status: 200, headers: { 'Content-Length': '0' } })];
    await expect(gone()).resolves.toBeUndefined();
    answers = [json(403, { detail: 'Only Marit can change it.' })];
    await expect(gone()).rejects.toMatchObject({ status: 403, message: 'Only Marit can change it.' });
  });

  it('does not ask under the typing hands for a mere suggestion', async () => {
    answers = [json(401, { detail: 'You are not signed in.' })];
    const asked = vi.fn(async () => undefined);
    api.onSessionEnd(asked);
    await expect(api.answer(api.client.GET('/api/pictures', { params: { query: { query: 'kite' } } }))).rejects.toMatchObject({ status: 401 });
    expect(asked).not.toHaveBeenCalled();
  });
});
