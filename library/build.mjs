// Builds the picture library that ships, out of the packages in node_modules and the lists beside this file, so that two runs give the same bytes.
//   library/pictures.tsv    id, name, other words, keywords, drawer, categories, flags (p: skin tones), which meaning of the name, best picture first
//   library/names-LL.tsv    id, name, keywords, in another language
//   library/sounds.tsv      word, readings in phones
//   library/meanings.tsv    word, words that mean the same in its commonest sense, in others, things it is a kind of
//   library/kinds.tsv       word, kind
//   library/signs.tsv       id, the sign of Unicode that it draws, without what only varies it
//   library/topics.tsv      word without a picture, categories it is about, likeliest first
//   library/common.tsv      the commonest words of speech, commonest first
//   library/outside.tsv     what the simulated outside service has; art/outside/ its drawings
//   effects.tsv             sound effect: file, name, other words, drawer; effects/ the sounds
//   art/colour/, contrast/  the drawings by set and name; a skin tone after a dot
import fs from 'node:fs';
import path from 'node:path';
import { effects, slug } from './effects/effects.mjs';
import { even, wav } from './effects/synth.mjs';
import { languages, names } from './languages.mjs';
import { drawing, lines, packed, pictures as gather, tones } from './sets.mjs';
import { below, common, kinds, meanings, ordinary, sounds, topics } from './words.mjs';

const out = path.join(import.meta.dirname, 'target/out');
fs.rmSync(out, { recursive: true, force: true });
const write = (file, text) => { fs.mkdirSync(path.dirname(path.join(out, file)), { recursive: true }); fs.writeFileSync(path.join(out, file), text); };
const table = (file, rows) => write(`library/${file}`, rows.map((row) => row.map((v) => (Array.isArray(v) ? v.join('|') : v)).join('\t')).join('\n') + '\n');

const pictures = gather();
// A country's name that is also a thing's does not give its flag by itself.
for (const p of pictures) if (p.group === 'country-flag') p.also = p.also.filter((w) => !ordinary(w));

const unknown = [];
const categories = new Map(pictures.map((p) => [p.id, []]));
for (const line of lines('categories.tsv')) {
  const [name, drawers, byHand = ''] = line.split('\t');
  const members = new Set();
  const from = drawers.split(' ').filter(Boolean);
  const under = from.filter((d) => d.startsWith('under:')).flatMap((d) => below(d.slice(6), pictures.map((p) => p.name.toLowerCase())));
  for (const p of pictures) if (from.includes(p.group) || under.includes(p.name.toLowerCase())) members.add(p.id);
  for (const change of byHand.split(' ').filter(Boolean)) {
    if (!categories.has(change.slice(1))) unknown.push(change);
    if (change[0] === '+') members.add(change.slice(1)); else members.delete(change.slice(1));
  }
  for (const id of members) categories.get(id)?.push(name);
}
if (unknown.length) throw new Error(`categories.tsv: there is no picture ${unknown.join(' ')}`);

const glosses = new Map(lines('glosses.tsv').map((line) => line.split('\t')));
const sign = (hex) => String.fromCodePoint(...hex.split('-').map((c) => parseInt(c, 16)));
table('signs.tsv', pictures.filter((p) => p.hex).map((p) => [p.id, sign(p.hex)]));
table('pictures.tsv', pictures.map((p) => [p.id, p.name, p.also, p.keywords, p.group, categories.get(p.id), p.person ? 'p' : '', glosses.get(p.id) ?? p.gloss ?? '']));
for (const language of languages) table(`names-${language}.tsv`, names(language, pictures).map((n) => [n.id, n.name, n.keywords]));
table('sounds.tsv', await sounds(pictures));
table('meanings.tsv', meanings(pictures));
table('kinds.tsv', kinds(pictures));
table('topics.tsv', topics(lines('topics.tsv').map((line) => line.split('\t')), pictures));
table('common.tsv', common.slice(0, 12_000).map((w) => [w]));

for (const p of pictures) {
  write(`art/colour/${p.id}.svg`, p.art.colour);
  write(`art/contrast/${p.id}.svg`, p.art.contrast);
  for (const t of tones) if (p.art[t]) write(`art/colour/${p.id}.${t}.svg`, p.art[t]);
}
table('effects.tsv', Object.entries(effects).map(([name, [also, drawer]]) => [slug(name), name, also, drawer]));
for (const [name, [, , make]] of Object.entries(effects)) write(`effects/${slug(name)}.wav`, wav(even(make())));

// What is not shipped: the easy words that the bench and the tests of the search measure by.
const { spache } = await import('spache');
fs.writeFileSync(path.join(import.meta.dirname, 'target/easy-words.txt'), spache.filter((w) => w.length > 1 && /^[a-z]+$/.test(w)).join('\n') + '\n');

const outside = packed('@iconify-json/fxemoji/icons.json');
table('outside.tsv', lines('outside.tsv').map((line) => {
  const [icon, title, words, grownUp = ''] = line.split('\t');
  if (!outside.icons[icon]) throw new Error(`outside.tsv: there is no icon ${icon}`);
  write(`art/outside/${icon}.svg`, drawing(outside, outside.icons[icon], `o-${icon}`));
  return [icon, title, words.split(',').map((w) => w.trim()), grownUp];
}));
console.log(`Library: ${pictures.length} pictures, ${pictures.filter((p) => p.everyday <= 0).length} with an everyday name.`);
