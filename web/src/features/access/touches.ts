import type { Touching } from '../../api/types';

// What touches come to, as core has it (`access/Touches`); both are tried on the same cases.

/** Lengths are in one unit, whichever. */
export interface Box {
  x: number;
  y: number;
  width: number;
  height: number;
}
export interface Target<T> {
  of: T;
  box: Box;
}
export interface Point {
  x: number;
  y: number;
}

/** At most so much of a cell is deaf, on each side. */
const MOST_DEAF = 1 / 3;

const within = (at: Point, { x, y, width, height }: Box, beside: number) =>
  at.x >= x - beside && at.x <= x + width + beside && at.y >= y - beside && at.y <= y + height + beside;

export class Touches<T> {
  private down?: { counted: boolean; meant?: Target<T>; since: number };
  private quietUntil = -Infinity;
  private targets: Target<T>[] = [];

  /** @param how with its lengths in the unit of the boxes */
  constructor(private readonly how: Touching) {}

  /** The finger that is down means it. */
  get meant(): T | undefined {
    return this.down?.meant?.of;
  }

  /** When it will have rested for long enough if it stays. */
  get due(): number | undefined {
    const { down, how } = this;
    return down?.meant && !down.counted && how.when === 'AFTER_RESTING' ? down.since + how.restMs : undefined;
  }

  /** A finger comes down. @returns what is counted by it */
  press(ms: number, at: Point, targets: Target<T>[]): T | undefined {
    if (this.down || ms < this.quietUntil) return undefined;
    this.targets = targets;
    this.down = { counted: false, meant: this.felt(at), since: ms };
    return this.how.when === 'AT_ONCE' ? this.count() : undefined;
  }

  move(ms: number, at: Point): void {
    const { down, how } = this;
    if (!down || down.counted || how.when === 'AT_ONCE' || (down.meant && within(at, down.meant.box, how.slip))) return;
    const now = this.felt(at);
    if (now !== down.meant) Object.assign(down, { meant: now, since: ms });
  }

  /** The finger has rested until now. @returns what is counted by it */
  pass(ms: number): T | undefined {
    return this.due !== undefined && ms >= this.due ? this.count() : undefined;
  }

  /** @returns what is counted by it */
  lift(ms: number): T | undefined {
    if (!this.down) return undefined;
    const now = this.how.when === 'ON_RELEASE' ? this.count() : undefined;
    if (this.down.counted) this.quietUntil = ms + this.how.againMs;
    this.drop();
    return now;
  }

  /** The finger is taken away by something else. */
  drop(): void {
    this.down = undefined;
  }

  private count(): T | undefined {
    this.down!.counted = this.down!.meant !== undefined;
    return this.meant;
  }

  private felt(at: Point): Target<T> | undefined {
    return this.targets.find(({ box }) => within(at, box, -Math.min(this.how.edge, Math.min(box.width, box.height) * MOST_DEAF)));
  }
}
