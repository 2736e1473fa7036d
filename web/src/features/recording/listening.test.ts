import { describe, expect, it } from 'vitest';
import { done, heardPiece, shown, silence, type Listening } from './listening';
import { joined, level, outline, wavOf } from './wave';

const MS = 20;
/** Pieces of a level, so many milliseconds of each. */
const after = (...levels: [number, number][]): Listening =>
  levels.reduce((was, [loud, ms]) => Array.from({ length: ms / MS }).reduce<Listening>((l) => heardPiece(l, loud, MS), was), silence);

describe('somebody is heard', () => {
  it('from the first loud piece, and is done after a silence', () => {
    expect(after([-70, 1000]).began).toBeUndefined();
    expect(after([-70, 1000], [-25, 400]).began).toBe(1000);
    expect(done(after([-70, 1000], [-25, 400]))).toBe(false);
    expect(done(after([-70, 1000], [-25, 400], [-70, 800]))).toBe(false);
    expect(done(after([-70, 1000], [-25, 400], [-70, 900]))).toBe(true);
  });

  it('and goes on over a pause between two words', () => {
    expect(done(after([-70, 1000], [-25, 400], [-70, 600], [-25, 300], [-70, 600]))).toBe(false);
  });

  it('also in a loud room, and the room itself is nobody', () => {
    expect(after([-38, 3000]).began).toBeUndefined();
    const spoken = after([-38, 3000], [-15, 500], [-38, 900]);
    expect(spoken.began).toBe(3000);
    expect(done(spoken)).toBe(true);
  });

  it('but not by a click', () => {
    expect(after([-70, 1000], [-10, 60], [-70, 400]).began).toBeUndefined();
  });

  it('and the bar is empty in silence and full when it cannot be louder', () => {
    expect([shown(-120), shown(0), shown(-31)]).toEqual([0, 1, 0.5]);
  });
});

describe('a wave', () => {
  it('is a WAV file of 16 bits a sample', async () => {
    const view = new DataView(await wavOf({ samples: new Float32Array([0, 1, -2, 0.5]), rate: 24000 }).arrayBuffer());
    const text = (at: number) => String.fromCharCode(...[0, 1, 2, 3].map((i) => view.getUint8(at + i)));
    expect([text(0), text(8), text(12), text(36)]).toEqual(['RIFF', 'WAVE', 'fmt ', 'data']);
    expect([view.getUint32(4, true), view.getUint32(24, true), view.getUint32(40, true)]).toEqual([44, 24000, 8]);
    expect([44, 46, 48, 50].map((at) => view.getInt16(at, true))).toEqual([0, 32767, -32767, 16384]);
  });

  it('has a level, an outline, and is joined of pieces', () => {
    expect(level(new Float32Array([0.1, -0.1]))).toBeCloseTo(-20);
    expect(level(new Float32Array(3))).toBe(-120);
    const wave = { samples: joined([new Float32Array([0, 0.5]), new Float32Array([-1, 0.25])]), rate: 1 };
    expect(outline(wave, 2)).toEqual([0.5, 1]);
  });
});
