const HEADER = 44;

/** A sound as its samples: mono, -1 to 1. */
export interface Wave {
  samples: Float32Array;
  /** Samples a second. */
  rate: number;
}

/** As a WAV file of 16 bits a sample; what goes beyond -1 to 1 is cut off. */
export function wavOf({ samples, rate }: Wave): Blob {
  const bytes = new ArrayBuffer(HEADER + samples.length * 2);
  const view = new DataView(bytes);
  const text = (at: number, said: string) => [...said].forEach((letter, i) => view.setUint8(at + i, letter.charCodeAt(0)));
  text(0, 'RIFF');
  view.setUint32(4, bytes.byteLength - 8, true);
  text(8, 'WAVE');
  // fmt and a space
  view.setUint32(12, 0x666d7420);
  view.setUint32(16, 16, true);
  view.setUint16(20, 1, true);
  view.setUint16(22, 1, true);
  view.setUint32(24, rate, true);
  view.setUint32(28, rate * 2, true);
  view.setUint16(32, 2, true);
  view.setUint16(34, 16, true);
  text(36, 'data');
  view.setUint32(40, samples.length * 2, true);
  samples.forEach((sample, i) => view.setInt16(HEADER + i * 2, Math.round(Math.max(-1, Math.min(1, sample)) * 32767), true));
  return new Blob([bytes], { type: 'audio/wav' });
}

/** Pieces one after the other. */
export function joined(pieces: Float32Array[]): Float32Array {
  const all = new Float32Array(pieces.reduce((n, p) => n + p.length, 0));
  let at = 0;
  for (const piece of pieces) {
    all.set(piece, at);
    at += piece.length;
  }
  return all;
}

/** How loud a piece is: the root of its mean square, in dBFS. */
export function level(samples: Float32Array): number {
  let sum = 0;
  for (const sample of samples) sum += sample * sample;
  return 10 * Math.log10(Math.max(1e-12, sum / Math.max(1, samples.length)));
}

/** The loudest of each of so many equal parts, to be drawn: 1 is the loudest of all. */
export function outline({ samples }: Wave, parts: number): number[] {
  const loudest = samples.reduce((most, sample) => Math.max(most, Math.abs(sample)), 0) || 1;
  return Array.from({ length: parts }, (_, i) => {
    let most = 0;
    for (let j = Math.floor((i * samples.length) / parts); j < Math.floor(((i + 1) * samples.length) / parts); j++) most = Math.max(most, Math.abs(samples[j]));
    return most / loudest;
  });
}
