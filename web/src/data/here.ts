/**
 * What is kept in this browser alone, each kind under a name of its own. A browser that keeps nothing, or has kept something else, is no error: then
 * nothing is known.
 */
export class Here<T> {
  private readonly prefix: string;

  constructor(name: string) {
    this.prefix = `dwimble.${name}.`;
  }

  read(of: string | number): T | undefined {
    try {
      return (JSON.parse(localStorage.getItem(this.prefix + of) ?? 'null') as T | null) ?? undefined;
    } catch {
      return undefined;
    }
  }

  /** @returns false if the browser has no room for it, or keeps nothing */
  keep(of: string | number, kept: T): boolean {
    try {
      localStorage.setItem(this.prefix + of, JSON.stringify(kept));
      return true;
    } catch {
      return false;
    }
  }

  drop(of: string | number): void {
    try {
      localStorage.removeItem(this.prefix + of);
    } catch {
      // What is not kept need not be dropped.
    }
  }

  /** @param which of them go; those that cannot be read go too */
  forget(which: (kept: T) => boolean = () => true): void {
    try {
      for (const of of Object.keys(localStorage).flatMap((key) => (key.startsWith(this.prefix) ? [key.slice(this.prefix.length)] : []))) {
        const kept = this.read(of);
        if (kept === undefined || which(kept)) localStorage.removeItem(this.prefix + of);
      }
    } catch {
      // What is not kept need not be forgotten.
    }
  }
}
