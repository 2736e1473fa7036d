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
