// What a reader of the built library relies on. Run after the build.
import { effects, slug } from './effects/effects.mjs';
import { even, loudness, RATE, wav } from './effects/synth.mjs';
import assert from 'node:assert/strict';
import fs from 'node:fs';
import path from 'node:path';
import { test } from 'node:test';
import { pictures } from './sets.mjs';
import { colours, luminance } from './symbols/draw.mjs';
import { symbols } from './symbols/index.mjs';

const out = path.join(import.meta.dirname, 'target/out');
const rows = (file) => fs.readFileSync(path.join(out, 'library', file), 'utf8').trim().split('\n').map((l) => l.split('\t'));
const all = pictures();

test('there are at least 160 own symbols, each drawn inside its sheet in both looks', () => {
  assert.ok(symbols.length >= 160);
  assert.equal(new Set(symbols.map((s) => s.name)).size, symbols.length);
  for (const s of symbols) {
    for (const svg of [s.colour, s.contrast]) {
      assert.match(svg, /^<svg [^>]*viewBox="0 0 32 32"/, s.name);
      assert.doesNotMatch(svg, /NaN|undefined|<text/, s.name);
    }
    assert.deepEqual([...new Set(s.contrast.match(/(?:fill|stroke)="[^"]+"/g).map((c) => c.replace(/^.*="|"$/g, '')))].filter((c) => !['#212121', '#fff', 'none'].includes(c)), [], `${s.name} in contrast is ink and white alone`);
  }
});

test('every word the symbols were asked for is drawn', () => {
  const asked = fs.readFileSync(path.join(import.meta.dirname, 'asked-words.txt'), 'utf8').trim().split(/[,\n]+/);
  const drawn = new Set(symbols.map((s) => s.word));
  assert.deepEqual(asked.filter((w) => !drawn.has(w)), []);
});

test('skin counts as light and hair as dark, whosever they are', () => {
  assert.ok(luminance('skin') > 0.4 && luminance('hair') < 0.4);
  for (const name of Object.keys(colours)) assert.ok(luminance(name) >= 0 && luminance(name) <= 1);
});

test('ids inside drawings are never shared by two', () => {
  const owner = new Map();
  for (const p of all) {
    for (const [look, svg] of Object.entries(p.art)) {
      for (const [, id] of svg.matchAll(/\bid="([^"]+)"/g)) {
        assert.ok(!owner.has(id) || [look, look.replace(/^contrast$/, 'colour')].some((l) => owner.get(id) === `${p.id} ${l}`), `${id} stands in ${p.id} and ${owner.get(id)}`);
        owner.set(id, `${p.id} ${look}`);
      }
      for (const [, to] of svg.matchAll(/(?:url\(#|href="#)([^)"]+)/g)) assert.ok(svg.includes(`id="${to}"`), `${p.id} refers to ${to}`);
    }
  }
});

test('at least 1,500 pictures have an everyday name, and those people say win over those of the standard', () => {
  assert.ok(all.filter((p) => p.everyday <= 0).length >= 1500);
  const name = new Map(all.map((p) => [p.id, p.name]));
  assert.equal(name.get('base/automobile'), 'car');
  assert.equal(name.get('base/billed-cap'), 'cap');
  assert.equal(name.get('base/hot-beverage'), 'mug');
});

test('no art carries a written word, and nothing unfit for a school is there', () => {
  const ids = new Set(all.map((p) => p.id));
  for (const gone of ['base/sos-button', 'base/stop-sign', 'base/end-arrow', 'base/on-arrow', 'base/convenience-store', 'base/atm-sign', 'base/mobile-phone-off', 'base/red-envelope', 'base/cigarette', 'base/pistol', 'base/beer-mug', 'base/middle-finger']) assert.ok(!ids.has(gone), gone);
});

test('all ten other languages are there with a name for nearly every picture of the sets', () => {
  const sets = all.filter((p) => p.hex).length;
  for (const language of ['es', 'pl', 'pt', 'fr', 'de', 'tr', 'ar', 'vi', 'zh', 'uk']) assert.ok(rows(`names-${language}.tsv`).length > sets * 0.95, `${language}: ${rows(`names-${language}.tsv`).length} of ${sets}`);
});

test('words with two readings have both, and kinds and meanings are what they should be', () => {
  const of = (file, word) => rows(file).find((r) => r[0] === word);
  assert.equal(of('sounds.tsv', 'tear')[1], 'T EH1 R|T IH1 R');
  assert.equal(of('kinds.tsv', 'enormous')[1], 'describing');
  assert.match(of('meanings.tsv', 'auto')[1], /car/);
  assert.match(of('meanings.tsv', 'terrier')[3], /dog/);
});

test('a mask of the base set gets no edge of its own, or it would let through more than is drawn', () => {
  const masked = symbols.filter((s) => s.contrast.includes('<mask'));
  assert.ok(masked.length > 0);
  for (const s of masked) assert.doesNotMatch(s.contrast, /<mask (?!stroke="none")/, s.name);
});

test('there are at least 36 sound effects, each heard within two seconds and as loud as all others', () => {
  const all = Object.entries(effects);
  assert.ok(all.length >= 36);
  for (const [name, [also, drawer, make]] of all) {
    const samples = even(make());
    assert.ok(samples.length <= 2.05 * RATE, `${name} lasts ${samples.length / RATE} s`);
    assert.ok(Math.abs(loudness(samples) + 18) < 0.7, `${name} is at ${loudness(samples)} LUFS`);
    assert.ok(samples.every((s) => Math.abs(s) <= 0.9), `${name} is cut off`);
    assert.ok(samples.findIndex((s) => Math.abs(s) > 0.02) < 0.3 * RATE, `${name} begins late`);
    assert.ok(also && drawer, name);
  }
  assert.equal(new Set(all.map(([name]) => slug(name))).size, all.length);
});

test('a sound effect is made of the same bytes each time', () => {
  for (const name of ['cheer', 'rain', 'clapping']) assert.deepEqual(wav(effects[name][2]()), wav(effects[name][2]()));
});
