// What the sound effects are made of: functions from seconds to -1..1, put together and written out as samples. Chance is seeded, so that every build
// gives the same bytes.
export const RATE = 24_000;
const TAU = 2 * Math.PI;

/** Chance, the same each time. @returns a function that gives 0..1 */
export function chance(seed) {
  let s = seed >>> 0;
  return () => {
    s = (s + 0x6d2b79f5) >>> 0;
    let t = Math.imul(s ^ (s >>> 15), 1 | s);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
}

/** Samples of so many seconds. @param sound from seconds to a sample */
export function made(seconds, sound) {
  const samples = new Float64Array(Math.round(seconds * RATE));
  for (let i = 0; i < samples.length; i++) samples[i] = sound(i / RATE);
  return samples;
}

/** A tone whose pitch may change. @param pitch hertz, or a function from seconds to hertz; @param shape of its wave, from 0..1 to -1..1 */
export function tone(seconds, pitch, shape = sine) {
  let phase = 0;
  const at = typeof pitch === 'function' ? pitch : () => pitch;
  return made(seconds, (t) => { phase = (phase + at(t) / RATE) % 1; return shape(phase); });
}
export const sine = (p) => Math.sin(TAU * p);
export const saw = (p) => 2 * p - 1;
export const square = (p) => (p < 0.5 ? 1 : -1);
export const triangle = (p) => 1 - 4 * Math.abs(p - 0.5);
/** Rich in overtones, as a reed or a throat is. */
export const reed = (p) => Math.tanh(4 * Math.sin(TAU * p) + 1.5 * Math.sin(2 * TAU * p)) * 0.8;

export function noise(seconds, seed = 1) {
  const c = chance(seed);
  return made(seconds, () => 2 * c() - 1);
}

/** Louder and softer. @param envelope from seconds to a factor */
export const shaped = (samples, envelope) => samples.map((s, i) => s * envelope(i / RATE));
export const louder = (samples, factor) => samples.map((s) => s * factor);

/** Up in so many seconds, then dying away by half in so many. */
export const struck = (rise, half) => (t) => Math.min(1, t / rise) * 0.5 ** (Math.max(0, t - rise) / half);
/** Up, held, and down again. */
export const held = (seconds, rise = 0.02, fall = 0.05) => (t) => Math.max(0, Math.min(1, t / rise, (seconds - t) / fall));
/** From one value to another in so many seconds, evenly; as pitch goes, by ratio. */
export const line = (from, to, seconds) => (t) => from + (to - from) * Math.min(1, t / seconds);
export const glide = (from, to, seconds) => (t) => from * (to / from) ** Math.min(1, Math.max(0, t / seconds));

/** The filters of the audio cookbook of Bristow-Johnson. @param at hertz, or a function of seconds; @param q how narrow */
export function filtered(samples, kind, at, q = 0.7) {
  const f = typeof at === 'function' ? at : () => at;
  let [x1, x2, y1, y2] = [0, 0, 0, 0];
  return samples.map((x, i) => {
    const w = (TAU * Math.min(f(i / RATE), RATE * 0.45)) / RATE;
    const a = Math.sin(w) / (2 * q);
    const c = Math.cos(w);
    const [b0, b1, b2] = kind === 'low' ? [(1 - c) / 2, 1 - c, (1 - c) / 2] : kind === 'high' ? [(1 + c) / 2, -1 - c, (1 + c) / 2] : [a, 0, -a];
    const y = (b0 * x + b1 * x1 + b2 * x2 + 2 * c * y1 - (1 - a) * y2) / (1 + a);
    [x2, x1, y2, y1] = [x1, x, y1, y];
    return y;
  });
}
export const low = (samples, at, q) => filtered(samples, 'low', at, q);
export const high = (samples, at, q) => filtered(samples, 'high', at, q);
export const band = (samples, at, q) => filtered(samples, 'band', at, q);

/** Each at its second, one over the other. @param parts [second, samples] */
export function mix(...parts) {
  const end = Math.max(...parts.map(([at, s]) => Math.round(at * RATE) + s.length));
  const out = new Float64Array(end);
  for (const [at, s] of parts) s.forEach((v, i) => { out[Math.round(at * RATE) + i] += v; });
  return out;
}
export const together = (...all) => mix(...all.map((s) => [0, s]));
/** The same again and again. @param at seconds at which it begins */
export const again = (at, sound) => mix(...at.map((t, i) => [t, typeof sound === 'function' ? sound(i) : sound]));
/** As in a hall: softer echoes. */
export const hall = (samples, seconds = 0.35) => mix([0, samples], ...[0.031, 0.047, 0.071, 0.113, 0.171].filter((t) => t < seconds).map((t, i) => [t, louder(low(samples, 3500), 0.4 / (i + 1))]));
/** Partials that ring each for itself. @param partials [ratio, loudness, seconds to half] */
export const ring = (seconds, pitch, partials) => together(...partials.map(([ratio, loud, half]) => shaped(louder(tone(seconds, pitch * ratio), loud), struck(0.002, half))));

/** Loudness by ITU-R BS.1770-4, as core measures it (Loudness.java): of what is shorter than 400 ms, as one block. */
export function loudness(samples) {
  const k = (s, b, a) => { let [z1, z2] = [0, 0]; return s.map((x) => { const y = b[0] * x + z1; z1 = b[1] * x - a[0] * y + z2; z2 = b[2] * x - a[1] * y; return y; }); };
  const s = Math.tan((Math.PI * 1681.974450955533) / RATE);
  const q = 0.7071752369554196;
  const vh = 10 ** (3.999843853973347 / 20);
  const vb = vh ** 0.4996667741545416;
  const a0 = 1 + s / q + s * s;
  const p = Math.tan((Math.PI * 38.13547087602444) / RATE);
  const pq = 0.5003270373238773;
  const b0 = 1 + p / pq + p * p;
  const heard = k(k(samples, [(vh + (vb * s) / q + s * s) / a0, (2 * (s * s - vh)) / a0, (vh - (vb * s) / q + s * s) / a0], [(2 * (s * s - 1)) / a0, (1 - s / q + s * s) / a0]),
    [1, -2, 1], [(2 * (p * p - 1)) / b0, (1 - p / pq + p * p) / b0]);
  const block = Math.min(heard.length, 0.4 * RATE);
  const powers = [];
  for (let from = 0; from + block <= heard.length; from += 0.1 * RATE) powers.push(heard.slice(from, from + block).reduce((n, v) => n + v * v, 0) / block);
  const of = (ps) => (ps.length ? -0.691 + 10 * Math.log10(ps.reduce((n, v) => n + v, 0) / ps.length) : -70);
  const above = (gate) => powers.filter((v) => -0.691 + 10 * Math.log10(v) > gate);
  return of(above(Math.max(-70, of(above(-70)) - 10)));
}

/** As loud as recordings are made, in LUFS; no sample beyond -1 dBFS: what would be is rounded off. */
export function even(samples, loud = -18, most = 0.89) {
  let out = samples;
  for (let round = 0; round < 12; round++) {
    const gain = 10 ** ((loud - loudness(out)) / 20);
    if (Math.abs(gain - 1) < 0.01) break;
    out = out.map((s) => { const v = s * gain; const knee = most * 0.7; return Math.abs(v) <= knee ? v : Math.sign(v) * (knee + (most - knee) * Math.tanh((Math.abs(v) - knee) / (most - knee))); });
  }
  return out;
}

/** As a WAV file of 16 bits a sample. */
export function wav(samples) {
  const out = Buffer.alloc(44 + samples.length * 2);
  out.write('RIFF', 0); out.writeUInt32LE(out.length - 8, 4); out.write('WAVEfmt ', 8); out.writeUInt32LE(16, 16); out.writeUInt16LE(1, 20); out.writeUInt16LE(1, 22);
  out.writeUInt32LE(RATE, 24); out.writeUInt32LE(RATE * 2, 28); out.writeUInt16LE(2, 32); out.writeUInt16LE(16, 34); out.write('data', 36); out.writeUInt32LE(samples.length * 2, 40);
  samples.forEach((s, i) => out.writeInt16LE(Math.round(Math.max(-1, Math.min(1, s)) * 32767), 44 + i * 2));
  return out;
}
