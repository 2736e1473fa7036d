import 'fake-indexeddb/auto';
import { beforeAll, beforeEach, describe, expect, it, vi } from 'vitest';
import { database, dropAll } from '../pack/store';

let use: typeof import('./use');
let Problem: typeof import('../api/client').Problem;
const of = { vocabulary: 7, account: 4 };
const kept = async () => (await database()).getAll('said');

beforeAll(async () => {
  vi.stubGlobal('window', { location: { origin: 'http://localhost' } });
  use = await import('./use');
  ({ Problem } = await import('../api/client'));
});
beforeEach(dropAll);

describe('what is said while talking', () => {
  it('is counted by word where that was agreed to, and no message with it', async () => {
    const gathering = new use.Gathering(of, 'COUNTS');
    gathering.words(['want', 'more']);
    gathering.words(['want']);
    gathering.message('want more want');
    await gathering.keep();
    await gathering.keep();
    expect((await kept()).map(({ words, messages }) => [words, messages])).toEqual([[{ want: 2, more: 1 }, []]]);
  });

  it.each([undefined, 'NOTHING'] as const)('is not kept at all where %s was agreed to', async (agreed) => {
    const gathering = new use.Gathering(of, agreed);
    gathering.words(['want']);
    gathering.message('want');
    await gathering.keep();
    expect(await kept()).toEqual([]);
  });

  it('is sent once, stays while there is no network, and is of who is signed in', async () => {
    const gathering = new use.Gathering(of, 'MESSAGES');
    gathering.message('I want more');
    await gathering.keep();
    const send = vi.fn(() => Promise.reject(new Problem(0, 'no network')));
    await use.sendSaid(5, send);
    await use.sendSaid(4, send);
    expect([send.mock.calls.length, (await kept()).length]).toEqual([1, 1]);
    const sent = vi.fn(() => Promise.resolve());
    await use.sendSaid(4, sent);
    await use.sendSaid(4, sent);
    expect([sent.mock.calls.length, await kept()]).toEqual([1, []]);
  });
});
