const SIGNS = new Set("abcdefghijklmnopqrstuvwxyzæçðøŋœɐɑɒɔəɛɜɡɪɲɹɾʀʁʃʊʌʎʒθβˈˌ',ː:. ".split(''));
const BETWEEN_STROKES = /(?<![^\s(“"])\/([^/]+)\/(?![^\s)”".,!?])/g;

/** Whether something in a text is written as it sounds, between strokes: as core has it (`Phonetic`), on the same cases. */
export const isPhonetic = (text: string) =>
  [...text.matchAll(BETWEEN_STROKES)].some(([, inside = '']) => inside === inside.trim() && [...inside].every((sign) => SIGNS.has(sign)));

/** The signs that keyboards do not have, those used most in English first. */
export const PHONETIC_SIGNS = 'ˈ ˌ ː ə ɪ ʊ ɛ æ ʌ ɒ ɔ ɑ ɜ θ ð ʃ ʒ ŋ ç ø œ ɲ ʎ'.split(' ');

/** A sign put in at a place; between strokes of its own, if there are none in the text. */
export function putSign(text: string, at: number, sign: string): { text: string; at: number } {
  const [before, after] = [text.slice(0, at), text.slice(at)];
  if (text.includes('/')) return { text: before + sign + after, at: at + sign.length };
  const opens = before === '' || before.endsWith(' ') ? '/' : ' /';
  const closes = after === '' || after.startsWith(' ') ? '/' : '/ ';
  return { text: before + opens + sign + closes + after, at: at + opens.length + sign.length };
}
