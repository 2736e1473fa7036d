// What a package of node_modules holds, as data.
import fs from 'node:fs';
import path from 'node:path';

export const packed = (name) => JSON.parse(fs.readFileSync(path.join(import.meta.dirname, 'node_modules', name), 'utf8'));
