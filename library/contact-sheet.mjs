// Writes target/contact-sheet.html: every own symbol in both looks, to be looked at by whoever draws one.
import fs from 'node:fs';
import path from 'node:path';
import { symbols } from './symbols/index.mjs';

const person = (svg) => svg.replaceAll('{skin}', '#ffc83d').replaceAll('{shade}', '#fcb100').replaceAll('{hair}', '#7d4533');
const sized = (svg, size) => person(svg).replace('width="32" height="32"', `width="${size}" height="${size}"`);
const size = Number(process.argv[2] ?? 46);
const cells = symbols.map((s) => `<figure>${sized(s.colour, size)}${sized(s.contrast, size * 0.62)}<figcaption>${s.word}</figcaption></figure>`).join('\n');
const file = path.join(import.meta.dirname, 'target/contact-sheet.html');
fs.mkdirSync(path.dirname(file), { recursive: true });
fs.writeFileSync(file, `<!doctype html><meta charset="utf-8"><title>Dwimble’s own symbols</title><style>
body { margin: 12px; background: #f6f2ea; color: #1f2a44; font: 11px sans-serif; display: flex; flex-wrap: wrap; gap: 5px; }
figure { margin: 0; background: #fff; border-radius: 7px; padding: 4px; text-align: center; } figcaption { line-height: 1.1; }
</style>\n${cells}\n`);
console.log(`${symbols.length} symbols in ${file}`);
