import { describe, expect, it, vi } from 'vitest';
import { Problem } from '../../api/client';
import { done, Taking, type Send } from './taking';

vi.hoisted(() => {
  (globalThis as { window?: unknown }).window = { location: { origin: 'http://localhost' } };
});

const files = (...names: string[]) => names.map((name) => new File([name], name));

/** A server that answers when it is told to. */
function server() {
  const open: { name: string; answer: (before?: boolean) => void; fail: (error: Error) => void }[] = [];
  const send: Send = (file) => new Promise((resolve, reject) => open.push({ name: file.name, answer: (before = false) => resolve({ before }), fail: reject }));
  return { open, send };
}
const turn = () => new Promise((r) => setTimeout(r));
const finished = (taking: Taking, batch: File[], send: Send) => new Promise<void>((resolve) => taking.take(batch, send, resolve));

describe('taking pictures in', () => {
  it('sends three at once and the rest in turn', async () => {
    const { open, send } = server();
    const taking = new Taking();
    taking.take(files('a', 'b', 'c', 'd', 'e'), send);
    expect(open.map((o) => o.name)).toEqual(['a', 'b', 'c']);
    open[1].answer(true);
    await turn();
    expect(open.map((o) => o.name)).toEqual(['a', 'b', 'c', 'd']);
    expect(taking.now()).toMatchObject({ of: 5, taken: 1, before: 1, running: true });
  });

  it('takes more on the way into the same count, and says once when all is done', async () => {
    const { open, send } = server();
    let ends = 0;
    const taking = new Taking((running) => {
      if (!running) ends++;
    });
    taking.take(files('a', 'b'), send);
    taking.take(files('c', 'd'), send);
    expect(taking.now()).toMatchObject({ of: 4, running: true });
    for (let i = 0; i < 4; i++) {
      open[i].answer();
      await turn();
    }
    expect(taking.now()).toMatchObject({ of: 4, taken: 4, running: false });
    expect(ends).toBe(1);
  });

  it('tells refusals together where they are the same, and tries only those again that were no fault of the file', async () => {
    const answers: Record<string, Error> = { pdf: new Problem(422, '“pdf” is a PDF'), x: new Problem(0, 'unreachable'), y: new Problem(0, 'unreachable') };
    const send: Send = (file) => (answers[file.name] ? Promise.reject(answers[file.name]) : Promise.resolve({ before: false }));
    const taking = new Taking();
    await finished(taking, files('a', 'pdf', 'x', 'y'), send);
    expect(taking.now()).toMatchObject({
      taken: 1,
      again: 2,
      refused: [
        { why: '“pdf” is a PDF', files: 1 },
        { why: 'unreachable', files: 2 },
      ],
    });
    expect(done(taking.now()!)).toBe(4);
    delete answers.x;
    delete answers.y;
    await new Promise<void>((resolve) => taking.again(resolve));
    expect(taking.now()).toMatchObject({ of: 2, taken: 2, again: 0, refused: [], running: false });
  });

  it('stops what waits, lets what is on its way arrive, and is put away only then', async () => {
    const { open, send } = server();
    const taking = new Taking();
    taking.take(files('a', 'b', 'c', 'd', 'e', 'f'), send);
    taking.stop();
    taking.close();
    expect(taking.now()).toMatchObject({ stopped: 3, running: true });
    open.forEach((o) => o.answer());
    await turn();
    expect(taking.now()).toMatchObject({ of: 6, taken: 3, stopped: 3, running: false });
    expect(open).toHaveLength(3);
    taking.close();
    expect(taking.now()).toBeUndefined();
  });
});
