// What a symbol is made of: flat shapes on a sheet of 32 by 32 units, y downwards, each in one named colour.
// A shape is data; drawing it in colour or in high contrast is done at the end, by rule. A drawing of the base set may
// stand among them whole, as it has the same box and the same palette.
import { packed } from '../packed.mjs';

const flat = packed('@iconify-json/fluent-emoji-flat/icons.json').icons;
const twins = packed('@iconify-json/fluent-emoji-high-contrast/icons.json').icons;

/** The palette, in the hand of the base set. skin, shade and hair change with the person. */
export const colours = {
  ink: '#1c1c1c', grey: '#9b9b9b', dark: '#636363', light: '#d3d3d3', pale: '#e6e6e6', white: '#ffffff',
  red: '#f8312f', orange: '#ff6723', amber: '#f9c23c', yellow: '#fcd53f', green: '#00a35c', leaf: '#44b74a', grass: '#86d36b', snow: '#ffffff', blue: '#0074ba', sky: '#00a6ed', water: '#6fd3ff',
  navy: '#433b6b', purple: '#8d65c5', pink: '#f92f60', rose: '#ffa3c4', brown: '#a56953', wood: '#6d4534', cream: '#fff4d6', shoe: '#321b41', mouth: '#990839',
  skin: '{skin}', shade: '{shade}', hair: '{hair}',
};

export const circle = (x, y, r, colour) => ({ tag: 'circle', cx: x, cy: y, r, colour });
export const oval = (x, y, rx, ry, colour) => ({ tag: 'ellipse', cx: x, cy: y, rx, ry, colour });
export const rect = (x, y, width, height, colour, rx = 0) => ({ tag: 'rect', x, y, width, height, rx, colour });
export const path = (d, colour) => ({ tag: 'path', d, colour });
export const poly = (points, colour) => path(`M${points.join('L')}Z`, colour);
/** A line with round ends: through points, or along a path given as text. */
export const line = (along, colour, width = 2) => ({ tag: 'line', d: typeof along === 'string' ? along : `M${along.join('L')}`, colour, thick: width });
/** A drawing of the base set, by its name there: as it is, in either look. */
export function art(key) {
  if (!flat[key] || !twins[key]) throw new Error(`There is no drawing ${key} in the base set.`);
  return { tag: 'art', key };
}
/** Parts moved, turned (degrees, clockwise, about the parts' own origin) and scaled together; flip mirrors left and right first. */
export const group = (parts, { move = [0, 0], turn = 0, scale = 1, flip = false } = {}) =>
  ({ tag: 'g', transform: `translate(${move}) rotate(${turn}) scale(${flip ? -scale : scale} ${scale})`, parts: parts.flat(9) });
/** The same drawing, smaller or larger, its middle (16, 16) put at x, y. */
export const small = (x, y, scale, ...parts) => group(parts, { move: [x - 16 * scale, y - 16 * scale], scale });
/** Left and right changed over. */
export const mirror = (...parts) => group(parts, { move: [32, 0], flip: true });
/** In faint colours: what is there but is not meant. */
export const faint = (...parts) => parts.flat(9).map((p) => (p.tag === 'g' ? { ...p, parts: faint(p.parts) } : p.tag === 'art' ? { ...p, pale: true } : { ...p, colour: paler[p.colour] ?? 'light' }));
const paler = { white: 'white', ink: 'ink', mouth: 'dark', light: 'pale', skin: 'pale', shade: 'pale', hair: 'grey' };

const INK = '#212121';
const EDGE = 0.9;

const n = (v) => (typeof v === 'number' ? +v.toFixed(2) : v);
const attributes = (o) => Object.entries(o).map(([k, v]) => ` ${k}="${n(v)}"`).join('');

/** The drawing of a set inside another; what it calls its own parts is told apart by the symbol it stands in, filled in at the end. */
const inside = (icon, { key, pale }, edge = '') => `<g${pale ? ' opacity="0.25"' : ''}${edge}>${icon.body
  .replace(/\bid="([^"]+)"/g, `id="{own}-${key}-$1"`).replace(/url\(#([^)]+)\)/g, `url(#{own}-${key}-$1)`).replace(/href="#([^"]+)"/g, `href="#{own}-${key}-$1"`)
  .replaceAll('<mask ', '<mask stroke="none" ').replaceAll('currentColor', INK)}</g>`;

/** Snow is white that shows on white: it has a grey edge. */
const edged = ({ tag, colour, thick, ...rest }) => (tag === 'line'
  ? `<path${attributes(rest)} fill="none" stroke="#c4c4c4" stroke-width="${n(thick + 0.7)}" stroke-linecap="round" stroke-linejoin="round"/><path${attributes(rest)} fill="none" stroke="${colours[colour]}" stroke-width="${n(thick)}" stroke-linecap="round" stroke-linejoin="round"/>`
  : `<${tag}${attributes(rest)} fill="${colours[colour]}" stroke="#c4c4c4" stroke-width="0.7" stroke-linejoin="round" paint-order="stroke"/>`);

function inColour(shape) {
  const { tag, colour, parts, thick, ...rest } = shape;
  if (tag === 'art') return inside(flat[shape.key], shape);
  if (tag === 'g') return `<g${attributes(rest)}>${parts.map(inColour).join('')}</g>`;
  if (colour === 'snow') return edged(shape);
  if (tag === 'line') return `<path${attributes(rest)} fill="none" stroke="${colours[colour]}" stroke-width="${n(thick)}" stroke-linecap="round" stroke-linejoin="round"/>`;
  return `<${tag}${attributes(rest)} fill="${colours[colour]}"/>`;
}

/** Relative luminance of a palette colour, 0 to 1, by the formula of WCAG 2.2. Skin counts as light and hair as dark, whosever it is. */
export function luminance(colour) {
  if (colour === 'skin' || colour === 'shade') return 1;
  if (colour === 'hair') return 0;
  const [r, g, b] = [1, 3, 5].map((i) => parseInt(colours[colour].slice(i, i + 2), 16) / 255).map((c) => (c <= 0.04045 ? c / 12.92 : ((c + 0.055) / 1.055) ** 2.4));
  return 0.2126 * r + 0.7152 * g + 0.0722 * b;
}

/** The rule of high contrast: what is dark is ink with a white edge, what is light is white with an ink edge. */
function inContrast(shape) {
  const { tag, colour, parts, thick, ...rest } = shape;
  if (tag === 'art') return inside(twins[shape.key], shape, ' stroke="#fff" stroke-width="2" stroke-linejoin="round" paint-order="stroke"');
  if (tag === 'g') {
    return `<g${attributes(rest)}>${parts.map(inContrast).join('')}</g>`;
  }
  const dark = luminance(colour) < 0.4;
  const [body, edge] = dark ? [INK, '#fff'] : ['#fff', INK];
  if (tag === 'line') {
    const stroke = (c, w) => `<path${attributes(rest)} fill="none" stroke="${c}" stroke-width="${n(w)}" stroke-linecap="round" stroke-linejoin="round"/>`;
    return stroke(edge, thick + EDGE * (dark ? 1 : 1.3)) + stroke(body, dark ? thick : Math.max(0.4, thick - 0.3));
  }
  return `<${tag}${attributes(rest)} fill="${body}" stroke="${edge}" stroke-width="${EDGE}" stroke-linejoin="round" paint-order="stroke"/>`;
}

const sheet = (body, own) => `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 32 32" width="32" height="32">${body.replaceAll('{own}', own)}</svg>`;
/** In colour, with {skin}, {shade} and {hair} still to be filled in. @param own what no other drawing is called */
export const colourSvg = (parts, own) => sheet(parts.flat(9).map(inColour).join(''), `s-${own}`);
export const contrastSvg = (parts, own) => sheet(parts.flat(9).map(inContrast).join(''), `sc-${own}`);
export const changesWithPerson = (parts) => JSON.stringify(parts).match(/"colour":"(skin|shade|hair)"/) !== null;
/** True if a drawing of the base set is among the parts: then it is to be named as well. */
export const hasArt = (parts) => JSON.stringify(parts).includes('"tag":"art"');
