// Names and keywords of pictures in other languages, from the Unicode Common Locale Data Repository, joined by code point.
import { bare, fit, packed } from './sets.mjs';

export const languages = ['es', 'pl', 'pt', 'fr', 'de', 'tr', 'ar', 'vi', 'zh', 'uk'];

const hexOf = (text) => bare([...text].map((c) => c.codePointAt(0).toString(16)).join('-'));

/** For each picture with a code point: its name and its keywords. In the order of the pictures. */
export function names(language, pictures) {
  const byHex = new Map();
  for (const [name, part] of [['cldr-annotations-full/annotations', 'annotations'], ['cldr-annotations-derived-full/annotationsDerived', 'annotationsDerived']]) {
    const file = packed(`${name}/${language}/annotations.json`);
    for (const [text, a] of Object.entries(file[part].annotations)) byHex.set(hexOf(text), a);
  }
  return pictures.flatMap((p) => {
    const a = p.hex && byHex.get(p.hex);
    if (!a?.tts) return [];
    const name = a.tts[0];
    const keywords = (a.default ?? []).filter((k) => k !== name && fit(k.toLowerCase()));
    return [{ id: p.id, name, keywords }];
  });
}
