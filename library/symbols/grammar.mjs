// The rules by which symbols are composed: what a place, a room, a worker, a part, a change looks like, whichever it is.
// A slot takes parts, or the name of a plain drawing, or of a drawing of the base set.
import { art, circle, faint, group, line, mirror, oval, path, poly, rect, small } from './draw.mjs';
import { arrow, ban, bust, chair, cross, ground, head, heart, person, question, recolour, round, sparkle, thought } from './parts.mjs';
import { pose } from './poses.mjs';
import * as home from './plain/home.mjs';
import * as kitchen from './plain/kitchen.mjs';
import * as land from './plain/land.mjs';
import * as town from './plain/town.mjs';

const drawn = { ...home.symbols, ...kitchen.symbols, ...land.symbols, ...town.symbols };
const plain = Object.fromEntries(Object.entries(drawn).map(([key, entry]) => [key.split('/')[0], entry]));

/** What stands in a slot, in the whole box. */
export const of = (thing) => (typeof thing === 'string' ? (plain[thing]?.slice(1) ?? [art(thing)]) : [thing]).flat(9);
/** A slot: its middle, its size as a share of the box, what stands in it. */
export const at = (x, y, scale, thing) => small(x, y, scale, ...of(thing));

/** A mark over what is there: the part that is meant. */
export const ring = (x, y, rx, ry = rx, width = 2) => line(`M${x - rx} ${y}a${rx} ${ry} 0 1 0 ${2 * rx} 0a${rx} ${ry} 0 1 0 ${-2 * rx} 0`, 'orange', width);
/** Rays about a point, for what shines, strikes or sounds: angles in degrees, clockwise from the right. */
export const rays = (x, y, from, to, angles = [0, 45, 90, 135, 180, 225, 270, 315], colour = 'amber', width = 1.5) => angles.map((a) => [Math.cos((a * Math.PI) / 180), Math.sin((a * Math.PI) / 180)])
  .map(([dx, dy]) => line([[x + from * dx, y + from * dy], [x + to * dx, y + to * dy]], colour, width));
/** Lines behind what moves: x, y, length. */
export const speed = (...lines) => lines.map(([x, y, w]) => line([[x, y], [x + w, y]], 'grey', 1.5));

// Place = the front of a building and its thing.
/** A shop: an awning, a window with what is sold in it, a door. */
export const shop = (thing, colour = 'red') => [rect(3, 12, 26, 18, 'cream'), ...[0, 1, 2, 3, 4, 5].map((i) => path(`M${2 + i * 4.667} 4h4.667v9a2.333 2.333 0 0 1 -4.667 0z`, i % 2 ? 'pale' : colour)), rect(4.6, 16.4, 15, 11.6, 'water', 0.6), at(12.1, 22.4, 0.36, thing), rect(21.6, 17, 5.6, 13, 'wood'), circle(22.8, 24, 0.7, 'amber')];
/** A public building: a wide roof, its thing on a round board, a door with steps. */
export const hall = (thing, colour = 'navy', wall = 'cream') => [rect(3, 14, 26, 14, wall), poly([[1, 14.4], [16, 3], [31, 14.4]], colour), circle(16, 14.6, 7.4, colour), circle(16, 14.6, 6.4, 'white'), at(16, 14.6, 0.34, thing), rect(13, 22.6, 6, 6, 'wood'), rect(5.4, 19, 4.4, 5.6, 'water', 0.4), rect(22.2, 19, 4.4, 5.6, 'water', 0.4), rect(2, 28, 28, 2.4, 'grey')];
/** A large building of several floors with its thing on the roof board. */
export const block = (thing, colour = 'sky') => [rect(4, 13, 24, 17, colour), rect(6, 1.4, 20, 12.4, 'white', 1.4), line([[6, 13], [6, 2.4], [26, 2.4], [26, 13]], 'grey', 1), at(16, 7.8, 0.34, thing), ...[16.4, 22].flatMap((y) => [7, 21].map((x) => rect(x, y, 4.4, 3.8, 'white', 0.4))), rect(13, 20, 6, 10, 'navy')];
/** Outdoors: a green ground under the sky, its thing in the middle. */
export const grounds = (thing, edge = 'fence') => [rect(1, 1, 30, 30, 'water', 3), path('M1 18h30v10q0 3 -3 3h-24q-3 0 -3 -3z', 'grass'), edge ? at(16, 17, 0.3, edge) : [], edge ? at(6.4, 17, 0.3, edge) : [], edge ? at(25.6, 17, 0.3, edge) : [], at(16, 20.4, 0.62, thing)];

/** Room = a house cut open and its thing. */
export const room = (thing, wall = 'cream', scale = 0.58) => [poly([[0.6, 13], [16, 1], [31.4, 13], [28.6, 13], [28.600, 31], [3.4, 31], [3.4, 13]], 'wood'), poly([[6, 12], [16, 4.4], [26, 12], [26, 28.6], [6, 28.6]], wall), at(16, 28.6 - 16 * scale, scale, thing)];
/** Part of a house: the house stands faintly, the part in colour. */
export const within = (part) => [...faint(poly([[1, 14], [16, 2], [31, 14]], 'red'), rect(4, 14, 24, 16, 'cream')), ...part];

/** Worker = a figure and a tool; what is worn on the head stands over it. */
export const worker = (tool, { hat = null, ...look } = {}) => [small(10.6, 16.4, 0.94, ...person({ shirt: 'green', ...pose('hold'), at: [13, 7], shoulder: [13, 13.2], hip: [13, 20.4], legs: [[[10.6, 29.6]], [[15.4, 29.6]]], look: 'front', arms: [[[7.6, 19.6]], [[20, 17.4], [23.600, 15]]], ...look })), hat ? hats[hat] : [], at(25, 14.4, 0.46, tool)];
const hats = {
  cap: [path('M3.8 6.600q0.400 -5.600 4.200 -5.600q4 0 4.400 5.600z', 'blue'), rect(3.4, 5.8, 11.600, 1.7, 'navy', 0.8)],
  helmet: [path('M3.400 6.800q0 -6.400 4.600 -6.400t4.800 6.400z', 'amber'), rect(2.8, 6, 10.6, 1.6, 'orange', 0.8)],
  chef: [rect(4.6, 3, 7, 4, 'pale'), circle(5.2, 2.4, 2.4, 'white'), circle(11, 2.4, 2.4, 'white'), circle(8.1, 1.6, 2.6, 'white'), line([[4.6, 6.4], [11.6, 6.4]], 'light', 1)],
  straw: [oval(8.1, 6, 7, 1.6, 'amber'), path('M4.400 6q0 -5 3.700 -5t3.700 5z', 'amber'), line([[4.6, 5], [11.6, 5]], 'red', 1.2)],
  peak: [path('M3.600 5.600q0 -4.600 4.500 -4.600t4.500 4.600z', 'navy'), rect(3.4, 5, 9.4, 1.8, 'ink', 0.8), circle(8.1, 3.400, 1, 'amber')],
  crown: [poly([[4, 6], [3.6, 0.8], [6.2, 3], [8.1, 0], [10, 3], [12.6, 0.8], [12.2, 6]], 'amber'), circle(8.1, 4, 0.8, 'red')],
  nurse: [rect(4.4, 2.600, 7.4, 3.4, 'white', 1), rect(7.4, 3, 1.4, 2.6, 'red'), rect(6.8, 3.6, 2.6, 1.4, 'red')],
  hood: [path('M3 9q-0.600 -8.600 5.100 -8.600t5.100 8.600q-1.600 -5 -5.100 -5t-5.100 5z', 'purple')],
  knight: [path('M3.600 9v-3q0 -5 4.500 -5t4.500 5v3q-4.500 2 -9 0z', 'grey'), rect(4, 5.600, 8.2, 1.4, 'ink'), line('M8 1.8q2 -1.2 4 0', 'red', 1.8)],
};

/** Part = the whole, and an arrow at the part. */
export const part = (whole, to, from, more = {}) => [...of(whole), arrow(from, to, { width: 2.6, ...more })];
/** The same, with the part ringed. */
export const ringed = (whole, x, y, rx, ry = rx) => [...of(whole), ring(x, y, rx, ry)];

/** Material = a swatch of it with its texture: cloth hangs in a wave, what is stiff lies as a slab. */
export const swatch = (colour, texture, stiff = false) => [stiff ? [poly([[5, 8], [27, 8], [31, 14], [31, 26], [1, 26], [1, 14]], colour), poly([[5, 8], [27, 8], [31, 14], [1, 14]], colour)] : path('M3 5q6.500 4 13 0t13 0q-3 11 0 22q-6.500 -4 -13 0t-13 0q3 -11 0 -22z', colour), texture];
const grid = [[8, 11], [16, 10], [24, 11], [7, 17], [15, 16], [23, 17], [9, 23], [17, 22], [25, 22]];
export const textures = {
  weave: (colour) => [9, 14, 19, 24].flatMap((v) => [line(`M6 ${v}q5 3 10 0t10 0`, colour, 1.1), line([[v - 2, 8], [v - 2, 25]], colour, 1.1)]),
  stitches: (colour) => grid.map(([x, y]) => line([[x - 2.4, y - 1.6], [x, y + 1.6], [x + 2.4, y - 1.6]], colour, 1.5)),
  grain: (colour) => [12, 16, 20, 23.6].map((y, i) => line(`M${3 + i} ${y}q7 -2 12 0t${12 - i} 0`, colour, 1.2)),
  dots: (colour) => grid.map(([x, y]) => circle(x, y, 1.3, colour)),
  shine: (colour) => [line([[7, 24], [17, 9]], colour, 2.4), line([[13, 25], [22, 11]], colour, 1.4)],
  tufts: (colour) => grid.map(([x, y]) => line(`M${x - 2} ${y + 2}l1 -4M${x} ${y + 2}v-4.600M${x + 2} ${y + 2}l-1 -4`, colour, 1)),
};

/** Change = before, arrow, after. */
export const change = (before, after) => [at(8.4, 9.4, 0.5, before), at(22.6, 21.8, 0.56, after), arrow([16, 5], [25.6, 12.4], { by: [25, 4.6], width: 2.4 })];
/** The same thing, less or more: the smaller first. */
export const grows = (thing, to = 0.66) => [at(6.6, 25.600, 0.3, thing), at(21.4, 31 - 16 * to, to, thing), arrow([4, 17], [12, 7], { by: [4, 9], width: 2.2, size: 0.9 })];

/** Opposites = a pair with one lit. */
export const pair = (left, right, lit) => [lit === 0 ? at(9, 15, 0.54, left) : faint(at(8, 15, 0.46, left)), lit === 1 ? at(23, 15, 0.54, right) : faint(at(24, 15, 0.46, right)), line(lit === 0 ? [[2, 28.4], [16, 28.4]] : [[16, 28.4], [30, 28.4]], 'orange', 2.4)];
/** Degree = a row of sizes with one lit. */
export const degree = (lit, of_ = 3, colour = 'orange') => [...Array(of_)].map((_, i) => { const w = 27 / of_ - 1.6; const h = 6 + (i * 22) / (of_ - 1 || 1); return rect(2.4 + i * (27 / of_ + 0.4), 30 - h, w, h, i === lit ? colour : 'light', 1.2); });
/** A row of the same thing with one of them lit, from the left. */
export const among = (thing, lit, many = 4) => { const step = 30 / many; return [...Array(many)].map((_, i) => (i === lit ? at(1 + step * (i + 0.5), 17, step / 27, thing) : faint(at(1 + step * (i + 0.5), 17, step / 32, thing)))).concat(arrow([1 + step * (lit + 0.5), 2], [1 + step * (lit + 0.5), 11], { width: 2.2, size: 0.9 })); };

/** Feeling = a face and its cause. */
export const feeling = (face, cause = null, scale = 0.42) => [head({ at: [12.6, 19.4], r: cause ? 10.4 : 11.6, ...face }), cause ? at(25.4, 7, scale, cause) : []];
/** Relation = two figures and an arrow: the one who does it wears sky blue. */
export const relation = (who, whom, way = null) => [small(8.6, 17, 0.88, ...person(who)), small(23.4, 17, 0.88, ...person({ shirt: 'purple', ...whom })), way ? arrow(...way) : []];
/** Somebody doing something with a thing: a pose, the thing, and how it moves. */
export const doing = (how, thing = null, where = [25, 16, 0.44], motion = []) => [small(12, 16.4, 0.96, ...person(typeof how === 'string' ? pose(how) : how)), thing ? at(...where, thing) : [], motion];
/** What somebody has in mind. */
export const inMind = (face, thing, scale = 0.42) => [bust({ at: [11, 18.6], r: 6.4, look: 'up', ...face }), thought(14.6, 1.4, 16.4, 13.6), circle(17, 16.2, 1.3, 'light'), at(22.8, 8.2, scale, thing)];
/** What somebody says. */
export const saying = (face, thing, scale = 0.4) => [bust({ at: [10.6, 18.6], r: 6.4, mood: 'open', ...face }), rect(14.2, 1.2, 17, 14.6, 'light', 4), poly([[16, 14], [14.6, 20], [21, 15]], 'light'), rect(15, 2, 15.400, 13, 'white', 3.4), at(22.7, 8.5, scale, thing)];

/** Time = a line of the day with one part lit, from 0 to 1; sun above, or moon. */
export const dayLine = (from, to, night = false) => [line([[2, 26], [30, 26]], 'light', 3), line([[2 + 28 * from, 26], [2 + 28 * to, 26]], 'orange', 3.6), line('M4 21a12 15 0 0 1 24 0', 'light', 1.4), (() => { const t = Math.PI * (1 - (from + to) / 2); return night ? at(16 + 12 * Math.cos(t), 21 - 14 * Math.sin(t), 0.3, 'crescent-moon') : [circle(16 + 12 * Math.cos(t), 21 - 14 * Math.sin(t), 3.6, 'yellow'), rays(16 + 12 * Math.cos(t), 21 - 14 * Math.sin(t), 4.600, 5.8)]; })()];
/** A line of time with now in the middle: what is meant lies on it. */
export const timeLine = (x1, x2, more = []) => [line([[1, 22], [31, 22]], 'light', 2.8), line([[x1, 22], [x2, 22]], 'orange', 3.4), line([[16, 17], [16, 27]], 'dark', 1.8), more];

/** What must not be, or is not. */
export const not = (thing, scale = 0.7) => [at(16, 16, scale, thing), ban(16, 16, 13, 2.6)];
export const crossed = (thing, scale = 0.8) => [at(16, 16, scale, thing), cross(16, 16, 11, 'red', 2.8)];
/** Thing and question. */
export const asked = (thing, scale = 0.62) => [at(11.6, 19, scale, thing), question(25.6, 9, 1.15)];
/** A thing that is looked at closely. */
export const shining = (thing, scale = 0.76) => [at(15, 17, scale, thing), sparkle(27, 6, 4), sparkle(5, 5, 2.6), sparkle(28.6, 26, 2.6)];
/** Two things side by side; a thing inside a vessel; a thing and a way. */
export const beside = (left, right, scale = 0.48) => [at(8.4, 16, scale, left), at(23.6, 16, scale, right)];
export const toward = (thing, from, to, scale = 0.62, where = [16, 19], more = {}) => [at(...where, scale, thing), arrow(from, to, { width: 2.4, ...more })];
export { arrow, art, ban, bust, chair, circle, cross, faint, ground, group, head, heart, line, mirror, oval, path, person, poly, pose, question, recolour, rect, round, small, sparkle, thought };
