// Writes target/contact-sheet.html: own symbols, to be looked at by whoever draws one.
//   node contact-sheet.mjs                 every one in both looks and small, beside its word
//   node contact-sheet.mjs kettle,pot      only these
//   node contact-sheet.mjs all 31          every one once, so many pixels wide, without words: the sheet in docs
import fs from 'node:fs';
import path from 'node:path';
import { symbols } from './symbols/index.mjs';

const [which = 'each', size = '34'] = process.argv.slice(2);
const sized = (svg, pixels) => svg.replaceAll('{skin}', '#ffc83d').replaceAll('{shade}', '#fcb100').replaceAll('{hair}', '#7d4533')
  .replace('width="32" height="32"', `width="${pixels}" height="${pixels}"`);
const names = new Set(which.split(','));
const chosen = symbols.filter((s) => which === 'each' || which === 'all' || names.has(s.name));
const cell = (s) => (which === 'all' ? sized(s.colour, Number(size))
  : `<figure>${sized(s.colour, 100)}${sized(s.contrast, 62)}${sized(s.colour, 32)}<figcaption>${s.word}${s.gloss ? ` (${s.gloss})` : ''}</figcaption></figure>`);
const file = path.join(import.meta.dirname, 'target/contact-sheet.html');
fs.mkdirSync(path.dirname(file), { recursive: true });
fs.writeFileSync(file, `<!doctype html><meta charset="utf-8"><title>Dwimble’s own symbols</title><style>
body { margin: 8px; background: ${which === 'all' ? '#fff' : '#f6f2ea'}; color: #1f2a44; font: 11px sans-serif; display: flex; flex-wrap: wrap; gap: 4px; }
figure { margin: 0; background: #fff; border-radius: 7px; padding: 4px; } figcaption { line-height: 1.1; }
</style>\n${chosen.map(cell).join('\n')}\n`);
console.log(`${chosen.length} symbols in ${file}`);
