import type { Changed, VocabularyView } from '../api/types';

/**
 * Which version the next change of this page is made against. A person acts on what is shown, but several changes may
 * be on their way one after the other: if nobody else changed anything in between, a later one is made against what
 * the earlier ones of this page left.
 */
export class Bases {
  private readonly later = new Map<number, number>();

  of(shown: number): number {
    let base = shown;
    for (let next = this.later.get(base); next !== undefined; next = this.later.get(base)) base = next;
    return base;
  }

  /** A change made against one version was kept as another. With versions of others in between, the old base still counts. */
  kept(base: number, version: number): void {
    if (version === base + 1) this.later.set(base, version);
  }
}

/** The view once a change is made; undefined if it is not the one the change was told against. */
export function after(known: VocabularyView, { since, vocabulary: now, order }: Changed): VocabularyView | undefined {
  if (known.version >= now.version) return known;
  if (known.version !== since) return undefined;
  const lines = new Map([...known.boards, ...now.boards].map((line) => [line.id, line]));
  return { ...now, boards: (order ?? known.boards.map((line) => line.id)).map((board) => lines.get(board)!) };
}
