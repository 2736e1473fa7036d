import { useSyncExternalStore } from 'react';
import { Problem, sentence } from '../../api/client';

const AT_ONCE = 3;

/** How far a batch of files is on its way in. `again`: how many did not get there through no fault of their own. */
/** `notes`: what was in files that were taken and is not kept. */
export interface Batch {
  notes: { why: string; files: number }[];
  of: number;
  taken: number;
  before: number;
  refused: { why: string; files: number }[];
  again: number;
  running: boolean;
  stopped: number;
}

export type Send = (file: File) => Promise<{ before: boolean; leftOut?: string }>;
interface Sending {
  file: File;
  send: Send;
}

/** Takes files in, some at once and the others in turn. It goes on while other pages are open, and takes more on the way. */
export class Taking {
  private batch: Batch | undefined;
  private waiting: Sending[] = [];
  private failed: Sending[] = [];
  private working = 0;
  private readonly told = new Set<() => void>();

  constructor(private readonly onRunning: (running: boolean) => void = () => undefined) {}

  readonly now = () => this.batch;
  readonly subscribe = (tell: () => void) => {
    this.told.add(tell);
    return () => {
      this.told.delete(tell);
    };
  };

  take(files: File[], send: Send, onDone: () => void = () => undefined) {
    this.add(
      files.map((file) => ({ file, send })),
      onDone,
    );
  }

  private add(more: Sending[], onDone: () => void) {
    const before = this.batch?.running ? this.batch : { notes: [], of: 0, taken: 0, before: 0, refused: [], again: 0, running: true, stopped: 0 };
    if (!this.batch?.running) {
      this.failed = [];
      this.onRunning(true);
    }
    this.waiting.push(...more);
    this.change({ ...before, of: before.of + more.length });
    while (this.working < Math.min(AT_ONCE, this.waiting.length + this.working)) void this.work(onDone);
  }

  /** Those on their way get there; those that wait are left. */
  stop() {
    const stopped = this.waiting.length;
    this.waiting = [];
    if (this.batch) this.change({ ...this.batch, stopped: this.batch.stopped + stopped });
  }

  again(onDone: () => void = () => undefined) {
    const failed = this.failed;
    this.change(undefined);
    this.add(failed, onDone);
  }

  close() {
    if (!this.batch?.running) this.change(undefined);
  }

  private change(batch: Batch | undefined) {
    this.batch = batch;
    this.told.forEach((tell) => tell());
  }

  private async work(onDone: () => void) {
    this.working++;
    for (let next = this.waiting.shift(); next; next = this.waiting.shift()) {
      try {
        const { before, leftOut } = await next.send(next.file);
        this.change({
          ...this.batch!,
          taken: this.batch!.taken + 1,
          before: this.batch!.before + (before ? 1 : 0),
          notes: leftOut ? withOne(this.batch!.notes, leftOut) : this.batch!.notes,
        });
      } catch (error) {
        const fault = error instanceof Problem && error.status >= 400 && error.status < 500;
        if (!fault) this.failed.push(next);
        this.change({ ...this.batch!, refused: withOne(this.batch!.refused, sentence(error)), again: this.failed.length });
      }
    }
    this.working--;
    if (this.working === 0) {
      this.change({ ...this.batch!, running: false });
      this.onRunning(false);
      onDone();
    }
  }
}

const withOne = (refused: Batch['refused'], why: string) =>
  refused.some((r) => r.why === why) ? refused.map((r) => (r.why === why ? { why, files: r.files + 1 } : r)) : [...refused, { why, files: 1 }];

export const done = (batch: Batch) => batch.taken + batch.refused.reduce((sum, r) => sum + r.files, 0) + batch.stopped;

const stay = (e: BeforeUnloadEvent) => e.preventDefault();

/** The one of this window: the browser asks before it is closed on files that wait. */
export const taking = new Taking((running) => (running ? window.addEventListener('beforeunload', stay) : window.removeEventListener('beforeunload', stay)));

export const useTaking = () => useSyncExternalStore(taking.subscribe, taking.now);
