import 'fake-indexeddb/auto';
import { beforeAll, beforeEach, describe, expect, it, vi } from 'vitest';
import { database, dropAll } from '../pack/store';

let use: typeof import('./use');
const of = { vocabulary: 7, account: 4 };
const kept = async () => (await (await database()).getAll('later')).flatMap((one) => (one.what === 'said' ? [one] : []));

beforeAll(async () => {
  vi.stubGlobal('window', { location: { origin: 'http://localhost' } });
  use = await import('./use');
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

  it('is kept in words and messages where that was agreed to, of who is signed in', async () => {
    const gathering = new use.Gathering(of, 'MESSAGES');
    gathering.message('I want more');
    await gathering.keep();
    expect((await kept()).map(({ account, words, messages }) => [account, words, messages.map((m) => m.text)])).toEqual([[4, {}, ['I want more']]]);
  });
});
