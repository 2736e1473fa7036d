// Builds the picture library that ships: one SVG a picture, and pictures.json with names, other words and drawers.
// Reads only packages in node_modules and the lists beside this file, so that two runs give the same bytes.
import fs from 'node:fs';
import path from 'node:path';
import { fileURLToPath } from 'node:url';

const here = path.dirname(fileURLToPath(import.meta.url));
const web = path.dirname(here);
const read = (...parts) => fs.readFileSync(path.join(...parts), 'utf8');
const packed = (name) => JSON.parse(read(web, 'node_modules', name));
const lines = (file) => read(here, file).split('\n').filter((l) => l.trim() && !l.startsWith('#'));

const set = packed('@iconify-json/fluent-emoji-flat/icons.json');
const chars = packed('@iconify-json/fluent-emoji-flat/chars.json');
const annotations = packed('emojibase-data/en/data.json');
const { groups, subgroups } = packed('emojibase-data/meta/groups.json');

const bare = (hex) => hex.toLowerCase().split('-').filter((c) => c !== 'fe0f').join('-');
const annotationByName = new Map();
const byHex = new Map(annotations.map((a) => [bare(a.hexcode), a]));
for (const [hex, name] of Object.entries(chars)) {
  const annotation = byHex.get(bare(hex));
  if (annotation) annotationByName.set(name, annotation);
}

const blocked = new Set(lines('blocked.txt').map((l) => l.trim()));
const everyday = new Map();
for (const line of lines('names.tsv')) {
  const [picture, name, others = ''] = line.split('\t');
  if (!everyday.has(picture)) everyday.set(picture, { name, others: others.split(',').map((o) => o.trim()).filter(Boolean) });
}

const leftOutDrawers = new Set(['zodiac', 'country-flag', 'subdivision-flag', 'religion', 'gender', 'currency', 'skin-tone', 'hair-style']);
const tone = /-(light|medium-light|medium|medium-dark|dark)$/;
const clean = (word) => word.toLowerCase().replace(/[“”]/g, '').trim();
const fit = (word) => word && !word.split(/\W+/).some((w) => blocked.has(w));

const out = path.join(web, 'target');
for (const folder of ['library', 'public/art/base']) {
  fs.rmSync(path.join(out, folder), { recursive: true, force: true });
  fs.mkdirSync(path.join(out, folder), { recursive: true });
}

const pictures = [];
for (const name of Object.keys(set.icons).sort()) {
  if (tone.test(name) && set.icons[name.replace(tone, '')]) continue;
  if (blocked.has(name)) continue;
  const annotation = annotationByName.get(name);
  const drawer = annotation?.subgroup === undefined ? 'other' : subgroups[annotation.subgroup];
  if (leftOutDrawers.has(drawer) || name.startsWith('japanese-')) continue;
  const own = everyday.get(name);
  const label = own?.name ?? clean(annotation?.label ?? name.replaceAll('-', ' '));
  if (!fit(label.toLowerCase())) continue;
  const plain = clean(annotation?.label ?? name.replaceAll('-', ' '));
  const seen = new Set([label.toLowerCase()]);
  const fresh = (word) => fit(word) && !seen.has(word) && seen.add(word);
  const also = [...(own?.others ?? []), plain, name.replaceAll('-', ' ')].map((w) => w.toLowerCase()).filter(fresh);
  const keywords = (annotation?.tags ?? []).map(clean).filter(fresh);
  pictures.push({
    id: `base/${name}`, name: label, also, keywords, group: drawer,
    everyday: own ? 0 : 1, order: annotation?.order ?? 99999,
  });
  const icon = set.icons[name];
  const [w, h] = [icon.width ?? set.width ?? 32, icon.height ?? set.height ?? 32];
  fs.writeFileSync(path.join(out, 'public/art/base', `${name}.svg`),
    `<svg xmlns="http://www.w3.org/2000/svg" xmlns:xlink="http://www.w3.org/1999/xlink" viewBox="${icon.left ?? 0} ${icon.top ?? 0} ${w} ${h}" width="${w}" height="${h}">${icon.body}</svg>`);
}
for (const picture of everyday.keys()) {
  if (!pictures.some((p) => p.id === `base/${picture}`)) console.warn(`names.tsv: no picture called ${picture}`);
}
// Pictures with an everyday name first, then in the order of the standard, which puts the plainest first.
pictures.sort((a, b) => a.everyday - b.everyday || a.order - b.order || (a.id < b.id ? -1 : 1));
fs.writeFileSync(path.join(out, 'library/pictures.json'), JSON.stringify(pictures.map(({ id, name, also, keywords, group }) => ({ id, name, also, keywords, group }))));

fs.copyFileSync(path.join(here, 'mark.svg'), path.join(out, 'public/mark.svg'));
fs.mkdirSync(path.join(out, 'fonts'), { recursive: true });
for (const font of ['Andika_400Regular.ttf', 'Andika_700Bold.ttf']) {
  fs.copyFileSync(path.join(web, 'node_modules/@expo-google-fonts/andika', font), path.join(out, 'fonts', font));
}
console.log(`Library: ${pictures.length} pictures.`);
