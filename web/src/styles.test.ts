import { describe, expect, it } from 'vitest';

/** A misspelt class is no error to the compiler, and a rule nobody uses is no error to anything: both are found here. */
const sheets = import.meta.glob<string>('./**/*.css', { query: '?raw', import: 'default', eager: true });
const views = import.meta.glob<string>('./**/*.tsx', { query: '?raw', import: 'default', eager: true });

const classes = (css: string) =>
  new Set(
    [
      ...css
        .replace(/\{[^{}]*\}/g, '{}')
        .replace(/:global\([^)]*\)/g, '')
        .matchAll(/\.([a-z][a-z0-9-]*)/g),
    ].map((m) => m[1].replace(/-([a-z0-9])/g, (_, c: string) => c.toUpperCase())),
  );
const modules = new Map(
  Object.entries(sheets)
    .filter(([file]) => file.endsWith('.module.css'))
    .map(([file, text]) => [file, classes(text)]),
);
const at = (file: string, path: string) => '.' + new URL(path, `file://${file.slice(1)}`).pathname;

const used = Object.entries(views).flatMap(([file, text]) =>
  [...text.matchAll(/import (\w+) from '([^']*\.module\.css)'/g)].flatMap(([, name, path]) => {
    const module = at(file, path);
    const named = [...text.replace(/^import .*$/gm, '').matchAll(new RegExp(`(?<![\\w.])${name}\\.(\\w+)`, 'g'))].map((m) => m[1]);
    const computed = new RegExp(`(?<![\\w.])${name}\\[`).test(text);
    return named.map((c) => ({ file, module, name: c })).concat(computed ? [...modules.get(module)!].map((c) => ({ file, module, name: c })) : []);
  }),
);

describe('styles', () => {
  it('every class a view names is in its module', () => {
    expect(used.filter((u) => !modules.get(u.module)?.has(u.name)).map((u) => `${u.file}: ${u.name}`)).toEqual([]);
    expect(used.length).toBeGreaterThan(200);
  });
  it('every class of a module is named by a view', () => {
    const seen = new Set(used.map((u) => `${u.module} ${u.name}`));
    expect([...modules].flatMap(([m, all]) => [...all].filter((c) => !seen.has(`${m} ${c}`)).map((c) => `${m}: ${c}`))).toEqual([]);
  });
  it('sides are told by the direction of writing, not as left and right', () => {
    const sided = /(?:^|[\s;{])(?:margin|padding|border)-(?:left|right)\b|(?:^|[\s;{])(?:left|right):|text-align: (?:left|right)/;
    expect(Object.values(sheets).flatMap((text) => text.split('\n').filter((l) => sided.test(l)))).toEqual([]);
  });
});
