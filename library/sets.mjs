// The pictures of the sets: which there are, what each is called, and its drawings by look and skin tone.
import fs from 'node:fs';
import path from 'node:path';
import { packed } from './packed.mjs';
import { symbols } from './symbols/index.mjs';

const here = import.meta.dirname;
export { packed } from './packed.mjs';
export const lines = (file) => fs.readFileSync(path.join(here, file), 'utf8').split('\n').filter((l) => l.trim() && !l.startsWith('#'));

export const bare = (hex) => hex.toLowerCase().split('-').filter((c) => c !== 'fe0f').join('-');
export const tones = ['light', 'medium-light', 'medium', 'medium-dark', 'dark'];
const tone = /-(light|medium-light|medium|medium-dark|dark)$/;

const annotations = packed('emojibase-data/en/data.json');
const { subgroups } = packed('emojibase-data/meta/groups.json');
const byHex = new Map(annotations.map((a) => [bare(a.hexcode), a]));

const [blockedPictures, blockedWords] = fs.readFileSync(path.join(here, 'blocked.txt'), 'utf8').split(/^# words$/m)
  .map((part) => new Set(part.split('\n').map((l) => l.trim()).filter((l) => l && !l.startsWith('#'))));
export const fit = (word) => word && !word.split(/[^\p{L}\p{N}]+/u).some((w) => blockedWords.has(w));
const clean = (word) => word.toLowerCase().replace(/[“”]/g, '').trim();

const reviewed = new Map(lines('names.tsv').map((line) => {
  const [picture, name, others = ''] = line.split('\t');
  return [picture, { name, others: others.split(',').map((o) => o.trim()).filter(Boolean) }];
}));

/** What is said for by hand, by a name or another word, is not also claimed by some picture's own name in the standard. */
const claimed = new Set([...symbols.flatMap((s) => [s.word, ...s.also]), ...[...reviewed.values()].flatMap((r) => [r.name, ...r.others])].map((w) => w.toLowerCase()));

/** Drawers nobody at a school asks for, and marks that say nothing without knowing them. */
const leftOut = new Set(['zodiac', 'subdivision-flag', 'religion', 'gender', 'currency', 'skin-tone', 'hair-style', 'regional-indicator']);

/** An icon of a package as a drawing of its own; ids inside it are made its own, so that two inlined drawings never share one. */
export function drawing(set, icon, id) {
  const body = icon.body
    .replace(/\bid="([^"]+)"/g, `id="${id}-$1"`)
    .replace(/url\(#([^)]+)\)/g, `url(#${id}-$1)`)
    .replace(/href="#([^"]+)"/g, `href="#${id}-$1"`)
    .replaceAll('currentColor', '#212121');
  const [w, h] = [icon.width ?? set.width ?? 32, icon.height ?? set.height ?? 32];
  return `<svg xmlns="http://www.w3.org/2000/svg" xmlns:xlink="http://www.w3.org/1999/xlink" viewBox="${icon.left ?? 0} ${icon.top ?? 0} ${w} ${h}" width="${w}" height="${h}">${body}</svg>`;
}

/** Luminance of #rgb or #rrggbb by the formula of WCAG 2.2. */
function luminance(colour) {
  const hex = colour.length === 4 ? [...colour.slice(1)].map((c) => c + c).join('') : colour.slice(1, 7);
  const [r, g, b] = [0, 2, 4].map((i) => parseInt(hex.slice(i, i + 2), 16) / 255).map((c) => (c <= 0.04045 ? c / 12.92 : ((c + 0.055) / 1.055) ** 2.4));
  return 0.2126 * r + 0.7152 * g + 0.0722 * b;
}

/** A coloured drawing in high contrast, where its set has no such twin: dark parts ink with a white edge, light parts white with an ink edge. */
export function contrasted(svg) {
  return svg.replace(/ fill="(#[0-9a-fA-F]{3,6})"/g, (_, colour) => {
    const dark = luminance(colour) < 0.25;
    return ` fill="${dark ? '#212121' : '#fff'}" stroke="${dark ? '#fff' : '#212121'}" stroke-width=".6" stroke-linejoin="round"`;
  });
}

function words(key, annotation) {
  const own = reviewed.get(key);
  const plain = clean(annotation?.label ?? key.replaceAll('-', ' '));
  const name = own?.name ?? plain;
  const seen = new Set([name.toLowerCase()]);
  const fresh = (word) => fit(word) && !seen.has(word) && seen.add(word);
  const others = (own?.others ?? []).filter((w) => !seen.has(w.toLowerCase()) && seen.add(w.toLowerCase()));
  return {
    name, also: [...others, ...[plain, key.replaceAll('-', ' ')].filter((w) => !claimed.has(w) && fresh(w))],
    keywords: (annotation?.tags ?? []).map(clean).filter((w) => w.length > 2 && fresh(w)), everyday: own ? 0 : 1, fit: own ? true : Boolean(fit(plain)),
  };
}

const paired = /^(man|woman)-(.+)$/;

function base() {
  const set = packed('@iconify-json/fluent-emoji-flat/icons.json');
  const contrast = packed('@iconify-json/fluent-emoji-high-contrast/icons.json').icons;
  const annotationOf = new Map(Object.entries(packed('@iconify-json/fluent-emoji-flat/chars.json')).map(([hex, name]) => [name, byHex.get(bare(hex))]).filter(([, a]) => a));
  const pictures = [];
  const unreviewed = [];
  for (const key of Object.keys(set.icons).sort()) {
    const plainKey = key.replace(tone, '');
    if (plainKey !== key && set.icons[plainKey]) continue;
    const annotation = annotationOf.get(key);
    const group = annotation?.subgroup === undefined ? 'other' : subgroups[annotation.subgroup];
    const [, , paired2] = paired.exec(key) ?? [];
    if (blockedPictures.has(key) || (paired2 && (blockedPictures.has(`person-${paired2}`) || blockedPictures.has(paired2)))) continue;
    if (leftOut.has(group) || group === 'country-flag' || key.startsWith('japanese-')) continue;
    if (!reviewed.has(key) && !paired2) unreviewed.push(key);
    const w = words(key, annotation);
    if (!w.fit) continue;
    const art = { colour: drawing(set, set.icons[key], `b-${key}`), contrast: drawing({}, contrast[key], `bc-${key}`) };
    const toned = tones.filter((t) => set.icons[`${key}-${t}`]);
    for (const t of toned) art[t] = drawing(set, set.icons[`${key}-${t}`], `b-${key}-${t}`);
    pictures.push({ id: `base/${key}`, ...w, group, order: annotation?.order ?? 99999, hex: annotation ? bare(annotation.hexcode) : '', person: toned.length === tones.length, art });
  }
  if (unreviewed.length) throw new Error(`names.tsv: nobody has looked at ${unreviewed.join(', ')}. Name them there, or leave them out in blocked.txt.`);
  return pictures;
}

/** What the base set lacks: flags, pairs of people, newer ones. */
function wide() {
  const set = packed('@iconify-json/twemoji/icons.json');
  const inBase = new Set(Object.keys(packed('@iconify-json/fluent-emoji-flat/chars.json')).map(bare));
  const nameOf = new Map(Object.entries(packed('@iconify-json/twemoji/chars.json')).map(([hex, name]) => [bare(hex), name]));
  const pictures = [];
  for (const annotation of annotations) {
    const hex = bare(annotation.hexcode);
    const key = nameOf.get(hex);
    const group = annotation.subgroup === undefined ? 'regional-indicator' : subgroups[annotation.subgroup];
    if (!key || inBase.has(hex) || leftOut.has(group) || blockedPictures.has(key) || !/^[a-z0-9-]+$/.test(key)) continue;
    const w = words(key, annotation);
    const country = /^flag: (.+)$/i.exec(annotation.label)?.[1];
    if (country) Object.assign(w, { name: `flag of ${country}`, also: [country.toLowerCase()], fit: true });
    else if (!reviewed.has(key)) w.everyday = 1;
    if (!w.fit) continue;
    const art = { colour: drawing(set, set.icons[key], `w-${key}`) };
    art.contrast = contrasted(art.colour);
    const toned = tones.filter((t) => set.icons[`${key}-${t}`]);
    for (const t of toned) art[t] = drawing(set, set.icons[`${key}-${t}`], `w-${key}-${t}`);
    pictures.push({ id: `wide/${key}`, ...w, group, order: 50000 + (annotation.order ?? 0), hex, person: toned.length === tones.length, art });
  }
  return pictures;
}

function core() {
  return symbols.map((s, i) => ({
    id: `${s.mixed ? 'mixed' : 'core'}/${s.name}`, name: s.word, gloss: s.gloss, also: s.also, keywords: [], everyday: s.gloss ? 0 : -1, group: s.drawer, order: s.gloss ? 90_000 + i : i, hex: '', person: s.person, art: { colour: s.colour, contrast: s.contrast },
  }));
}

/** Dwimble's own symbols first, then pictures with an everyday name in the order of the standard, which puts the plainest first. */
export function pictures() {
  return [...core(), ...base(), ...wide()].sort((a, b) => a.everyday - b.everyday || a.order - b.order || (a.id < b.id ? -1 : 1));
}
