// The parts symbols share: people in poses, faces, hands, arrows, and the few things that come again and again.
import { circle, group, line, oval, path, poly, rect } from './draw.mjs';

const between = ([x1, y1], [x2, y2], t) => [x1 + (x2 - x1) * t, y1 + (y2 - y1) * t];

/** A limb through its joints: the first part in the colour of the clothes, the rest in the second colour. */
const limb = (joints, cloth, skin, width, share = 0.45) => {
  const [a, b, c = null] = joints;
  if (!c) return [line([a, b], skin, width), line([a, between(a, b, share)], cloth, width + 0.3)];
  return [line([a, b, c], skin, width), line([a, b], cloth, width + 0.3)];
};

const hairs = {
  short: (x, y, r) => path(`M${x - r * 1.05} ${y + r * 0.05}a${r * 1.05} ${r * 1.12} 0 0 1 ${r * 2.1} 0q${-r * 0.35} ${-r * 0.1} ${-r * 0.5} ${-r * 0.5}q${-r * 0.6} ${r * 0.3} ${-r * 1.1} 0q${-r * 0.15} ${r * 0.4} ${-r * 0.5} ${r * 0.5}z`, 'hair'),
  long: (x, y, r) => path(`M${x - r * 1.1} ${y + r * 1.25}v${-r * 1.3}a${r * 1.1} ${r * 1.12} 0 0 1 ${r * 2.2} 0v${r * 1.3}q${-r * 0.4} ${r * 0.15} ${-r * 0.55} ${-r * 0.2}l0 ${-r * 1.45}q${-r * 0.6} ${-r * 0.1} ${-r * 0.8} ${-r * 0.4}q${-r * 0.15} ${r * 0.3} ${-r * 0.3} ${r * 0.4}l0 ${r * 1.45}q${-r * 0.15} ${r * 0.35} ${-r * 0.55} ${r * 0.2}z`, 'hair'),
};

/** What lies behind a head: the far side of long hair, or a bun. */
const behind = (hair, x, y, r) => (hair === 'long' ? [path(`M${x - r * 1.1} ${y}v${r * 1.2}q${r * 1.1} ${r * 0.35} ${r * 2.2} 0v${-r * 1.2}z`, 'hair')] : hair === 'bun' ? [circle(x, y - r * 1.1, r * 0.5, 'hair')] : []);

const mouths = {
  happy: (x, y, r) => line(`M${x - r * 0.4} ${y + r * 0.38}q${r * 0.4} ${r * 0.42} ${r * 0.8} 0`, 'mouth', r * 0.17),
  sad: (x, y, r) => line(`M${x - r * 0.38} ${y + r * 0.6}q${r * 0.38} ${-r * 0.4} ${r * 0.76} 0`, 'mouth', r * 0.17),
  flat: (x, y, r) => line(`M${x - r * 0.35} ${y + r * 0.5}h${r * 0.7}`, 'mouth', r * 0.17),
  open: (x, y, r) => oval(x, y + r * 0.5, r * 0.26, r * 0.32, 'mouth'),
  wide: (x, y, r) => path(`M${x - r * 0.5} ${y + r * 0.28}h${r}q${-r * 0.05} ${r * 0.58} ${-r * 0.5} ${r * 0.58}t${-r * 0.5} ${-r * 0.58}z`, 'mouth'),
  tongue: (x, y, r) => [line(`M${x - r * 0.45} ${y + r * 0.35}h${r * 0.9}`, 'mouth', r * 0.17), path(`M${x - r * 0.25} ${y + r * 0.4}h${r * 0.5}v${r * 0.3}a${r * 0.25} ${r * 0.28} 0 0 1 ${-r * 0.5} 0z`, 'pink')],
  none: () => [],
};

/** A head seen from the front, or looking left, right, up or down, or from the back; eyes open, shut or none. */
export function head({ at: [x, y], r = 4, mood = 'happy', hair = 'short', look = 'front', eyes = 'open', ears = true, grey = false } = {}) {
  const [dx, dy] = { front: [0, 0], left: [-0.3, 0], right: [0.3, 0], up: [0, -0.3], down: [0, 0.28], back: [0, 0] }[look].map((d) => d * r);
  const eye = (s) => (eyes === 'shut' ? line(`M${x + dx + s * r * 0.42 - r * 0.17} ${y + dy + r * 0.02}q${r * 0.17} ${r * 0.16} ${r * 0.34} 0`, 'ink', r * 0.14) : circle(x + dx + s * r * 0.42, y + dy + r * 0.02, r * 0.145, 'ink'));
  const parts = [
    behind(hair, x, y, r),
    ears && hair !== 'long' ? [circle(x - r * 0.98, y + r * 0.12, r * 0.24, 'shade'), circle(x + r * 0.98, y + r * 0.12, r * 0.24, 'shade')] : [],
    circle(x, y, r, look === 'back' ? 'hair' : 'skin'),
    look === 'back' || eyes === 'none' ? [] : [eye(-1), eye(1)],
    look === 'back' ? [] : mouths[mood](x + dx, y + dy * 0.8, r),
    look === 'back' || hair === 'none' ? [] : hairs[hair === 'long' ? 'long' : 'short'](x, y - r * 0.08, r),
  ];
  return grey ? recolour(parts, { hair: 'light' }) : parts.flat(9);
}

/** The same parts with some colours changed. */
export const recolour = (parts, change) => [parts].flat(9).map((p) => (p.tag === 'g' ? { ...p, parts: recolour(p.parts, change) } : { ...p, colour: change[p.colour] ?? p.colour }));

/**
 * A whole person. Points are joints: hands and feet with an elbow or a knee before them if the limb is bent.
 * The person we speak of wears sky blue; somebody else wears purple.
 */
export function person({
  at = [16, 6.4], shoulder = null, hip = null, arms = null, legs = null, shirt = 'sky', trousers = 'navy', skirt = false, r = 4, armsBehind = false, far = null, ...face
} = {}) {
  const [x, y] = at;
  const s = shoulder ?? [x, y + 6.3];
  const h = hip ?? [s[0], s[1] + 7.2];
  const [left, right] = arms ?? [[[s[0] - 5.6, s[1] + 6.8]], [[s[0] + 5.6, s[1] + 6.8]]];
  const [lleg, rleg] = legs ?? [[[h[0] - 2.4, h[1] + 9.6]], [[h[0] + 2.4, h[1] + 9.6]]];
  const arm = (side, joints) => (joints ? limb([[s[0] + side * 2.4, s[1] - 0.4], ...joints], shirt, 'skin', 2.5) : []);
  const leg = (side, joints) => (joints ? [line([[h[0] + side * 1.8, h[1]], ...joints], trousers, 3.1), oval(joints.at(-1)[0] + side * 0.5, joints.at(-1)[1], 2, 1.35, 'shoe')] : []);
  const both = [arm(-1, left), arm(1, right)];
  return [
    far ?? [],
    leg(-1, lleg), leg(1, rleg),
    armsBehind ? both : [],
    line([between(s, h, 0.12), h], shirt, 6.6),
    skirt ? poly([[h[0] - 3.3, h[1] - 1], [h[0] + 3.3, h[1] - 1], [h[0] + 4.8, h[1] + 4.6], [h[0] - 4.8, h[1] + 4.6]], shirt) : [],
    armsBehind ? [] : both,
    head({ at, r, ...face }),
  ].flat(9);
}

/** Head and shoulders, large. */
export const bust = ({ at = [16, 12], r = 7.5, shirt = 'sky', ...face } = {}) => [
  path(`M${at[0] - r * 1.5} ${at[1] + r * 2.6}v${-r * 0.35}a${r * 1.5} ${r * 1.15} 0 0 1 ${r * 3} 0v${r * 0.35}z`, shirt),
  rect(at[0] - r * 0.32, at[1] + r * 0.7, r * 0.64, r * 0.65, 'shade', r * 0.2),
  ...head({ at, r, ...face }),
];

/** An arm in a sleeve that comes in from one side and ends in a hand. Origin at the wrist, pointing up. */
const hands = {
  open: [rect(-3.4, -6.4, 6.8, 7.4, 'skin', 2.6), line([[-2.4, -5.5], [-3, -10]], 'skin', 1.9), line([[-0.7, -6], [-0.9, -11.4]], 'skin', 1.9), line([[1, -6], [1.2, -11.2]], 'skin', 1.9), line([[2.5, -5.5], [3.2, -9.6]], 'skin', 1.9), line([[-3, -2], [-5.6, -5.4]], 'skin', 2.1)],
  point: [rect(-3, -5.6, 6, 6.6, 'skin', 2.4), line([[-1.4, -5], [-1.4, -12]], 'skin', 2.3), line([[-2.2, -1.6], [1.6, -3.4]], 'shade', 1.4), line([[0.4, -5.2], [2.4, -5]], 'shade', 1)],
  fist: [rect(-3.6, -6.6, 7.2, 7.2, 'skin', 2.8), line([[-3.2, -2.4], [1.8, -2.8]], 'shade', 1.6), line([[-1.3, -6.2], [-1.3, -4.6]], 'shade', 0.8), line([[1, -6.2], [1, -4.6]], 'shade', 0.8)],
  flat: [rect(-2.2, -9.6, 4.4, 10.6, 'skin', 2), line([[-1.4, -2.6], [-4, -6]], 'skin', 2)],
  cup: [path('M-4.6 -6.4q0.6 5.4 4.6 5.4t4.6 -5.4q-1.4 -1.2 -2.2 0.6q-0.8 2.4 -2.4 2.4t-2.4 -2.4q-0.8 -1.8 -2.2 -0.6z', 'skin'), rect(-2, -2.6, 4, 3.4, 'skin', 1)],
};
export const hand = (kind, { at, turn = 0, size = 1, flip = false, sleeve = 'sky', reach = 9 }) =>
  group([rect(-2.3, 0, 4.6, 3, 'skin'), rect(-3.1, 1.6, 6.2, reach, sleeve, 1), ...hands[kind]], { move: at, turn, scale: size, flip });

/** The one arrow: a round-ended shaft and a plain head, at the end of straight points or of a bend. */
export function arrow(from, to, { colour = 'orange', width = 2.4, by = null, size = 1 } = {}) {
  const [px, py] = by ?? from;
  const angle = Math.atan2(to[1] - py, to[0] - px);
  const back = 3.6 * size;
  const neck = [to[0] - Math.cos(angle) * back, to[1] - Math.sin(angle) * back];
  const wing = (s) => [neck[0] - Math.sin(angle) * s * 3.3 * size, neck[1] + Math.cos(angle) * s * 3.3 * size];
  return [by ? line(`M${from}Q${by} ${neck}`, colour, width) : line([from, neck], colour, width), poly([to, wing(1), wing(-1)], colour)];
}
/** An arrow that goes round: from one angle to another (degrees, 0 to the right, clockwise), about a middle. */
export function round(x, y, r, from, to, { colour = 'orange', width = 2.4, size = 1 } = {}) {
  const on = (deg) => [x + r * Math.cos((deg * Math.PI) / 180), y + r * Math.sin((deg * Math.PI) / 180)];
  const way = to > from ? 1 : -1;
  const stop = to - way * (200 / r) * size;
  const heading = ((to - way * (90 / r) * size + way * 90) * Math.PI) / 180;
  const [tx, ty] = on(stop);
  const tip = [tx + Math.cos(heading) * 4.4 * size, ty + Math.sin(heading) * 4.4 * size];
  const wing = (s) => [tx - Math.sin(heading) * s * 3.3 * size, ty + Math.cos(heading) * s * 3.3 * size];
  const large = Math.abs(stop - from) > 180 ? 1 : 0;
  return [line(`M${on(from)}A${r} ${r} 0 ${large} ${way > 0 ? 1 : 0} ${[tx, ty]}`, colour, width), poly([tip, wing(1), wing(-1)], colour)];
}

export const box = (x, y, w, h, colour = 'amber', side = 'brown') => [rect(x, y, w, h, colour, 0.8), rect(x, y, w, Math.min(2, h / 4), side, 0.6)];
/** An open box seen from the front, in two layers so that things can stand between. */
export const boxBack = (x, y, w, h) => [poly([[x, y], [x + w, y], [x + w - 2, y - 3], [x + 2, y - 3]], 'brown')];
export const boxFront = (x, y, w, h) => [rect(x, y, w, h, 'amber', 0.8)];
export const ball = (x, y, r = 3.6, colour = 'red') => [circle(x, y, r, colour), path(`M${x - r * 0.55} ${y - r * 0.2}a${r * 0.6} ${r * 0.6} 0 0 1 ${r * 0.55} ${-r * 0.5}`, colour), circle(x - r * 0.35, y - r * 0.38, r * 0.2, 'white')];
export const ground = (y = 30, x1 = 3, x2 = 29, colour = 'grey') => line([[x1, y], [x2, y]], colour, 1.8);
export const bubble = (x, y, w, h, tail = 'left', colour = 'white') => [
  rect(x - 0.8, y - 0.8, w + 1.6, h + 1.6, 'light', 3.6), poly(tail === 'left' ? [[x + 2, y + h - 1], [x - 1.4, y + h + 4.6], [x + 7, y + h]] : [[x + w - 2, y + h - 1], [x + w + 1.4, y + h + 4.6], [x + w - 7, y + h]], 'light'), rect(x, y, w, h, colour, 3)];
export const thought = (x, y, w, h) => [rect(x - 0.7, y - 0.7, w + 1.4, h + 1.4, 'light', h / 2), rect(x, y, w, h, 'white', h / 2)];
export const question = (x, y, s = 1, colour = 'orange') => group([line('M-3.2 -3.4a3.3 3.3 0 1 1 4.9 2.9q-1.7 1 -1.7 3', colour, 2.4), circle(0, 6.2, 1.6, colour)], { move: [x, y], scale: s });
export const cross = (x, y, s, colour = 'red', width = 3) => [line([[x - s, y - s], [x + s, y + s]], colour, width), line([[x + s, y - s], [x - s, y + s]], colour, width)];
export const tick = (x, y, s = 1, colour = 'green', width = 3.4) => line([[x - 5 * s, y + 0.5 * s], [x - 1.4 * s, y + 4 * s], [x + 5.4 * s, y - 4.6 * s]], colour, width * s);
/** The mark of not: a ring with a stroke across. */
export const ban = (x = 16, y = 16, r = 13, width = 2.8) => [line(`M${x - r} ${y}a${r} ${r} 0 1 1 ${2 * r} 0a${r} ${r} 0 1 1 ${-2 * r} 0`, 'red', width), line([[x - r * 0.7, y - r * 0.7], [x + r * 0.7, y + r * 0.7]], 'red', width)];
export const heart = (x, y, s = 1, colour = 'pink') => group([path('M0 5.4C-8 -0.4 -5.6 -6 -2.6 -6C-1 -6 0 -4.6 0 -3.8C0 -4.6 1 -6 2.6 -6C5.6 -6 8 -0.4 0 5.4Z', colour)], { move: [x, y], scale: s });
export const star = (x, y, r, colour = 'amber') => poly([...Array(10)].map((_, i) => [x + Math.sin((i * Math.PI) / 5) * r * (i % 2 ? 0.45 : 1), y - Math.cos((i * Math.PI) / 5) * r * (i % 2 ? 0.45 : 1)].map((v) => +v.toFixed(2))), colour);
export const house = (x, y, s = 1) => group([rect(-6, -1, 12, 9, 'cream'), poly([[-8, 0], [0, -8], [8, 0]], 'red'), rect(-1.8, 2.4, 3.6, 5.6, 'wood')], { move: [x, y], scale: s });
export const cup = (x, y, s = 1, colour = 'sky') => group([line('M4 -3q4.4 -0.4 3.4 3t-4 3', colour, 1.7), path('M-5 -5h10l-1 9.4q-0.2 1.6 -1.8 1.6h-4.4q-1.6 0 -1.8 -1.6z', colour)], { move: [x, y], scale: s });
export const glass = (x, y, s = 1, level = 1, colour = 'sky') => group([path('M-4.6 -7h9.2l-1.2 14h-6.8z', 'pale'), level > 0 ? path(`M${-4.3 + 0.9 * (1 - level)} ${7 - 12 * level}h${8.6 - 1.8 * (1 - level)}l${-1.1 + 0.9 * (1 - level)} ${12 * level - 0.8}h${-6.4}z`, colour) : []].flat(), { move: [x, y], scale: s });
export const apple = (x, y, s = 1) => group([path('M0 -3.4C-2 -5.4 -6 -4.6 -6 0C-6 4 -3.4 7 -1.6 7Q-0.8 7 0 6.5Q0.8 7 1.6 7C3.4 7 6 4 6 0C6 -4.6 2 -5.4 0 -3.4Z', 'red'), line([[0, -3.4], [0.4, -6.4]], 'wood', 1.1), path('M0.6 -5.4q1 -3 4.2 -2.4q-0.6 3 -4.2 2.4z', 'leaf')], { move: [x, y], scale: s });
export const book = (x, y, s = 1, colour = 'red') => group([path('M-9 -5q5 -1.6 9 1v11q-4 -2.6 -9 -1z', colour), path('M9 -5q-5 -1.6 -9 1v11q4 -2.6 9 -1z', colour), path('M-7.8 -5.6q4.4 -1 7.8 1.2v9.8q-3.4 -2.2 -7.8 -1.2z', 'white'), path('M7.8 -5.6q-4.4 -1 -7.8 1.2v9.8q3.4 -2.2 7.8 -1.2z', 'pale'), line([[-6, -2.6], [-2, -1.8]], 'grey', 0.8), line([[-6, -0.2], [-2, 0.6]], 'grey', 0.8), line([[6, -2.6], [2, -1.8]], 'grey', 0.8), line([[6, -0.2], [2, 0.6]], 'grey', 0.8)], { move: [x, y], scale: s });
export const pencil = (x, y, turn = 40, s = 1, colour = 'amber') => group([rect(-1.5, -12, 3, 10, colour), rect(-1.5, -13.6, 3, 2.2, 'pink', 0.8), poly([[-1.5, -2], [1.5, -2], [0, 1.4]], 'cream'), poly([[-0.6, 0], [0.6, 0], [0, 1.4]], 'ink')], { move: [x, y], turn, scale: s });
export const clock = (x, y, r = 7, hour = [0, -0.5], minute = [0.5, 0.35], colour = 'navy') => [circle(x, y, r, colour), circle(x, y, r * 0.8, 'white'), line([[x, y], [x + minute[0] * r, y + minute[1] * r]], 'ink', r * 0.14), line([[x, y], [x + hour[0] * r, y + hour[1] * r]], 'ink', r * 0.17)];
/** Three days side by side; the one meant is large and coloured. */
export const days = (which) => {
  const widths = [0, 1, 2].map((i) => (i === which ? 12 : 7.6));
  return widths.flatMap((w, i) => {
    const on = i === which;
    const x = 1 + widths.slice(0, i).reduce((sum, v) => sum + v + 1.4, 0);
    const [y, h] = on ? [10, 19] : [14, 12];
    return [rect(x, y, w, h, on ? 'amber' : 'light', 1.4), rect(x + (on ? 1.2 : 0.8), y + h * 0.3, w - (on ? 2.4 : 1.6), h * 0.7 - (on ? 1.2 : 0.8), on ? 'cream' : 'pale', 0.8), rect(x, y, w, h * 0.27, on ? 'red' : 'grey', 1.2)];
  });
};
export const flower = (x, y, s = 1, colour = 'pink') => group([line([[0, 2], [0, 10]], 'leaf', 1.6), ...[0, 72, 144, 216, 288].map((a) => circle(Math.sin((a * Math.PI) / 180) * 3, -Math.cos((a * Math.PI) / 180) * 3, 2.3, colour)), circle(0, 0, 2, 'amber')], { move: [x, y], scale: s });
export const drops = (...at) => at.map(([x, y, s = 1]) => group([path('M0 -3.4Q2.6 0 2.4 1.4A2.4 2.4 0 0 1 -2.4 1.4Q-2.6 0 0 -3.4Z', 'sky')], { move: [x, y], scale: s }));
export const table = (y = 20, x1 = 3, x2 = 29) => [rect(x1, y, x2 - x1, 2.4, 'brown', 1), rect(x1 + 2, y + 2, 2.2, 30 - y - 1, 'wood'), rect(x2 - 4.2, y + 2, 2.2, 30 - y - 1, 'wood')];
export const chair = (x, y, s = 1, flip = false) => group([rect(-5, -9, 2.4, 18, 'wood', 0.8), rect(-5, 0, 10, 2.4, 'brown', 0.8), rect(2.8, 2, 2.2, 7, 'wood', 0.6)], { move: [x, y], scale: s, flip });
export const sparkle = (x, y, r = 2.6, colour = 'amber') => path(`M${x} ${y - r}q${r * 0.18} ${r * 0.82} ${r} ${r}q${-r * 0.82} ${r * 0.18} ${-r} ${r}q${-r * 0.18} ${-r * 0.82} ${-r} ${-r}q${r * 0.82} ${-r * 0.18} ${r} ${-r}z`, colour);
export const waves = (x, y, sizes = [3, 5.5, 8], colour = 'orange', turn = 0) => group(sizes.map((r) => line(`M${r * 0.7} ${-r * 0.7}a${r} ${r} 0 0 1 0 ${r * 1.4}`, colour, 1.6)), { move: [x, y], turn });
export const ear = (x, y, s = 1) => group([path('M-4 -2a5 6 0 0 1 10 0q0 3 -2 5q-1.6 1.4 -1.8 3.4q-0.4 2.6 -3 2.6q-2.6 0 -3 -3z', 'skin'), line('M-1.6 -2.2a2.8 3.2 0 0 1 5.4 0q0 2 -1.6 3.2t-1.6 2.6', 'shade', 1.3)], { move: [x, y], scale: s });
export const eye = (x, y, s = 1) => group([path('M-9 0Q0 -9.6 9 0Q0 9.6 -9 0Z', 'white'), line('M-9 0Q0 -9.6 9 0Q0 9.6 -9 0', 'ink', 1.2), circle(0, 0, 3.6, 'blue'), circle(0, 0, 1.7, 'ink'), circle(1.2, -1.2, 0.8, 'white')], { move: [x, y], scale: s });
export const door = (open, x = 9, y = 3) => [rect(x - 2, y - 1.4, 18, 27, 'wood', 1), rect(x, y + 0.6, 14, 25, open ? 'cream' : 'brown'), open ? poly([[x, y + 0.6], [x + 7.4, y + 3.6], [x + 7.4, y + 27], [x, y + 25.6]], 'brown') : [], open ? circle(x + 5.9, y + 15.4, 0.9, 'amber') : circle(x + 11.6, y + 13.4, 1.2, 'amber')].flat();
export const tap = (x, y, s = 1) => group([rect(-7, -2, 9, 3.6, 'grey', 1.2), path('M2 -2h1.6q3 0 3 3v3h-3.4v-2.4h-1.2z', 'grey'), rect(-3.4, -5, 2, 3, 'dark'), rect(-6, -6.4, 7.2, 2, 'dark', 1)], { move: [x, y], scale: s });
