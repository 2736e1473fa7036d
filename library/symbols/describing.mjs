// What things are like: mostly the same thing twice, once as it is meant and once, faint, as it is not.
import { circle, faint, group, line, mirror, oval, path, poly, rect, small } from './draw.mjs';
import { apple, arrow, ball, ban, box, bust, cross, cup, drops, flower, glass, ground, hand, head, person, question, round, sparkle, star, tick } from './parts.mjs';
import { shirt, running, speed } from './doing.mjs';

export const drawer = 'core-describing';

const thumb = (up) => group([rect(-6, -3, 10, 10, 'skin', 3), path('M-3 -2q1.6 -4 1.6 -7q0 -2.2 2 -2.200q2.4 0 2.4 3.400q0 3 -1 5.800z', 'skin'), line([[-0.6, 0.4], [4, 0.4]], 'shade', 0.9), line([[-0.6, 3.2], [4, 3.2]], 'shade', 0.9), rect(-10, -3.4, 5, 11, 'sky', 1)], { move: [16.6, up ? 17.6 : 14.4], turn: up ? 0 : 180, flip: !up, scale: 1.06 });
const biscuit = (x, y, r = 3.8, on = true) => (on ? [circle(x, y, r, 'brown'), circle(x - 1.2, y - 0.8, 0.7, 'wood'), circle(x + 1, y + 1.1, 0.7, 'wood'), circle(x + 1.2, y - 1.4, 0.6, 'wood')] : [circle(x, y, r, 'light')]);
const plate = (x = 16, y = 19, rx = 14, ry = 8.6) => [oval(x, y, rx, ry, 'pale'), oval(x, y - 0.6, rx * 0.8, ry * 0.76, 'white')];
const five = [[9.6, 14], [16, 12.6], [22.4, 14], [12.4, 20.4], [19.6, 20.4]];
const shoe = (extra = [], colour = 'red') => [path('M3 13h8q1 4.6 6 6.600q11 1.2 11.4 5.800v2.400h-25.400z', colour), rect(2.6, 26.6, 26.4, 3.2, 'light', 1.4), line([[13, 17.6], [16.6, 15]], 'white', 1.3), line([[16, 19.6], [19.4, 17]], 'white', 1.3), extra];
const thermometer = (level, colour) => [rect(5, 2, 7, 20, 'pale', 3.5), circle(8.5, 24.6, 5.6, 'pale'), circle(8.5, 24.6, 4, colour), rect(7, 20 - level, 3, level + 4, colour, 1.5)];
/** As in a ten frame: two rows of five, and what is over below. */
const dots = (n) => [rect(1.4, 3.4, 29.2, 12.4, 'pale', 1.4), [...Array(n)].map((_, i) => circle(4.6 + (i % 5) * 5.7, 6.6 + Math.floor(i / 5) * 6 + (i > 9 ? 2.4 : 0), 2.3, i > 9 ? 'orange' : 'blue'))];
const flake = (x, y, r) => [0, 60, 120].map((a) => line([[x - r * Math.cos(a * Math.PI / 180), y - r * Math.sin(a * Math.PI / 180)], [x + r * Math.cos(a * Math.PI / 180), y + r * Math.sin(a * Math.PI / 180)]], 'sky', 1.7));
const steam = (...at) => at.map(([x, y]) => line(`M${x} ${y}q2 -2 0 -4t0 -4`, 'orange', 1.6));
const speaker = [rect(2, 11.6, 5, 9, 'dark', 0.8), poly([[6, 12], [14, 5], [14, 27], [6, 20]], 'grey')];

export const symbols = {
  big: ['large, huge, great big', circle(25.6, 26, 3.4, 'light'), ball(12.4, 15.6, 11.8), ground(30.6, 2, 30)],
  little: ['small, tiny, wee', circle(19, 15.6, 11.6, 'pale'), ball(5.6, 26, 3.6), ground(30.6, 2, 30)],
  more: ['some more, another', biscuit(8, 24), biscuit(16.4, 24), biscuit(12, 16.6), group([rect(-5.4, -1.6, 10.8, 3.2, 'orange', 1), rect(-1.6, -5.4, 3.2, 10.8, 'orange', 1)], { move: [24, 9.6] })],
  less: ['fewer, not so much', biscuit(12.4, 24), biscuit(20.4, 24, 3.8, false), biscuit(16.4, 16.6, 3.8, false), rect(18.6, 6, 11, 3.4, 'orange', 1)],
  all: ['every, everything', plate(16, 17.6, 14.6, 11), five.map(([x, y]) => biscuit(x, y)), line('M2.4 17.200a13.6 11 0 1 0 27.2 0a13.6 11 0 1 0 -27.2 0', 'orange', 2)],
  some: ['a few, a bit, few', plate(16, 17.6, 14.6, 11), five.map(([x, y], i) => biscuit(x, y, 3.8, i < 2)), line('M4.6 13.400a8.2 6.2 0 1 0 16.4 0a8.2 6.2 0 1 0 -16.4 0', 'orange', 2)],
  none: ['nothing, no more, all gone, not any', plate(16, 19, 14.6, 9), [[11, 18], [17.6, 20.6], [20.6, 16.6], [14, 15.6]].map(([x, y]) => circle(x, y, 0.7, 'brown')), cross(25.6, 7, 3.6, 'red', 2.6)],
  same: ['the same, alike, equal', ball(7.6, 16, 6), ball(24.4, 16, 6), rect(13.4, 26, 5.4, 1.9, 'orange', 0.8), rect(13.4, 29, 5.4, 1.9, 'orange', 0.8)],
  different: ['not the same, unlike', ball(7.6, 14, 6), rect(18.6, 8.2, 11.6, 11.6, 'sky', 1), rect(12.4, 24.6, 7.2, 1.9, 'orange', 0.8), rect(12.4, 28, 7.2, 1.9, 'orange', 0.8), line([[13.6, 31], [18.6, 23.4]], 'orange', 1.8)],
  good: ['well done, great, nice', circle(16, 16, 14.4, 'leaf'), thumb(true)],
  bad: ['not good', circle(16, 16, 14.4, 'dark'), thumb(false)],
  new: ['brand new', shoe(), sparkle(21, 8, 5), sparkle(28, 15, 2.8), sparkle(13, 6.6, 2.6)],
  old: ['worn out', shoe([poly([[21.6, 21.6], [27.6, 23], [26.6, 26.6], [20.6, 26]], 'cream'), line([[4.6, 18], [9.6, 20]], 'wood', 0.9), line([[5.6, 22], [10, 22.6]], 'wood', 0.9), rect(26, 21.8, 2.6, 2.6, 'skin', 1.2)], 'brown'), line('M2 4h8M2 4v8M2 4l7 7M2 8q3 0 4 -4', 'grey', 0.9)],
  fast: ['quick, quickly, hurry, speed, swift, rapid, rapidly', path('M7 21q-1 -5.6 5 -6l3.6 -4.600h8l4 5q3.4 0.4 3.4 4v2.600h-24z', 'red'), poly([[16.6, 12.2], [22.8, 12.2], [25.4, 15.4], [14.4, 15.4]], 'water'), circle(13.6, 22.6, 3, 'ink'), circle(25, 22.6, 3, 'ink'), circle(13.6, 22.6, 1.1, 'light'), circle(25, 22.6, 1.1, 'light'), line([[1, 12], [8, 12]], 'orange', 1.8), line([[1, 17], [5, 17]], 'orange', 1.8), line([[1, 22], [5.6, 22]], 'orange', 1.8)],
  slow: ['slowly', line('M4 27.600h20q4.6 0 4.6 -5.600v-5', 'amber', 4.4), line([[28, 16], [27, 11]], 'amber', 1.4), line([[29, 16], [30.6, 11.6]], 'amber', 1.4), circle(29.6, 18.6, 0.7, 'ink'), circle(13.6, 18, 9, 'brown'), line('M13.6 18a2 2 0 1 1 3 1.800a4.6 4.6 0 1 1 1 -5.8', 'cream', 1.7), line([[2, 30.8], [26, 30.8]], 'grey', 1)],
  hot: ['boiling, very warm', thermometer(17, 'red'), path('M22 29q-7 0 -7 -7q0 -4.6 4 -8q-0.4 3 1.6 4q0.6 -6 5 -9q-0.4 4 2 6.600q2.4 2.8 2.4 6.400q0 7 -8 7z', 'orange'), path('M22.6 29q-3.6 0 -3.6 -3.600q0 -2.6 3 -5.400q0.4 2 2 2.600q2 1.2 2 3q0 3.4 -3.4 3.400z', 'yellow')],
  cold: ['freezing, chilly, chill', thermometer(3, 'blue'), flake(22.6, 10.6, 6.4), flake(23.6, 24, 4.4)],
  clean: ['not dirty', shirt(15, 17, 1.12, 'sky'), sparkle(26.6, 25, 3.8), sparkle(5, 26, 2.6), sparkle(28, 4.6, 2.4)],
  dirty: ['mucky, muddy', shirt(16, 17, 1.12, 'cream'), [[13, 16, 2.4], [19, 20.6, 3], [13.6, 24.6, 1.8], [19.6, 13, 1.3]].map(([x, y, r]) => circle(x, y, r, 'wood'))],
  wet: ['soaking', shirt(16, 13, 1.06, 'blue'), drops([7, 24], [13, 27.6, 0.9], [19, 26, 0.9], [25, 23, 1])],
  dry: ['not wet', line([[1, 10], [18.4, 10]], 'wood', 1.2), shirt(10, 20, 0.94, 'sky'), rect(4.6, 8, 1.6, 4.6, 'brown', 0.6), rect(14, 8, 1.6, 4.6, 'brown', 0.6), circle(24.6, 7, 3.8, 'yellow'), [0, 45, 90, 135, 180, 225, 270, 315].map((a) => line([[24.6 + 4.9 * Math.cos(a * Math.PI / 180), 7 + 4.9 * Math.sin(a * Math.PI / 180)], [24.6 + 6.2 * Math.cos(a * Math.PI / 180), 7 + 6.2 * Math.sin(a * Math.PI / 180)]], 'amber', 1.3))],
  full: ['full up, filled, fully', glass(16, 16.6, 1.96, 1.06, 'sky')],
  empty: ['nothing in it, used up', glass(16, 16.6, 1.96, 0), line([[11, 9], [12.4, 23]], 'white', 1.6)],
  hard: ['not soft, solid', path('M2 30l4 -12l9 -6l10 3l5 15z', 'grey'), path('M6 18l9 -6l1 8z', 'light'), path('M16 20l9 -5l-1 15z', 'dark'), hand('fist', { at: [24, 6], turn: 208, size: 0.76, reach: 3 }), line([[13, 9], [11, 5.6]], 'orange', 1.6), line([[25.6, 13], [29.6, 12]], 'orange', 1.6)],
  soft: ['cuddly, fluffy, squishy', path('M3 17q-1.6 -3 1.6 -3q7 1.6 11.4 5q4.4 -3.4 11.4 -5q3.2 0 1.6 3q-1 5 0 9q1.6 3.6 -1.6 3.600q-11.4 -2.4 -22.8 0q-3.2 0 -1.6 -3.600q1 -4 0 -9z', 'rose'), hand('point', { at: [16, 7], turn: 180, size: 0.94, reach: 3, flip: true })],
  heavy: ['weighs a lot', person({ at: [16, 13.6], shoulder: [16, 18.6], hip: [16, 23], arms: [[[8.6, 17], [8.6, 10.6]], [[23.4, 17], [23.4, 10.6]]], legs: [[[11, 26], [11.6, 29.6]], [[21, 26], [20.4, 29.6]]], mood: 'flat', r: 3.6 }), line([[3, 8], [29, 8]], 'grey', 2), rect(1.6, 2, 5, 12, 'ink', 1.6), rect(25.4, 2, 5, 12, 'ink', 1.6)],
  light: ['not heavy, weighs little', person({ at: [12, 11], shoulder: [12, 17], hip: [12, 22.6], arms: [[[7, 22]], [[19.6, 12]]], legs: [[[10, 29.6]], [[14, 29.6]]], mood: 'wide', r: 3.8 }), path('M17 9.600q1 -7 12 -8q1.6 7.4 -6 10q-3.4 1 -5.4 -0.600z', 'pale'), line([[16.4, 12.6], [27, 4]], 'grey', 1.1), arrow([27.6, 26], [27.6, 16], { size: 0.9 })],
  loud: ['noisy, too loud, speaker', speaker, [5, 9, 13].map((r) => line(`M${15 + r * 0.5} ${16 - r * 0.9}a${r} ${r} 0 0 1 0 ${r * 1.8}`, 'orange', 2.4))],
  quiet: ['silent, hush, be quiet', bust({ at: [16, 13], r: 8.6, mood: 'flat' }), line([[16, 27], [16, 15.6]], 'skin', 3), rect(12.6, 23, 6.8, 6.6, 'skin', 2.4), line([[16, 22.6], [16, 15.8]], 'shade', 2.6)],
  easy: ['simple, not hard', person({ at: [9, 8], shoulder: [9, 14], hip: [8.6, 20], look: 'right', mood: 'wide', arms: [[[4, 18]], [[14.6, 17]]], legs: [[[7, 29]], [[14.6, 22], [15.6, 25]]], r: 3.8 }), rect(12, 26.6, 9, 3.4, 'brown', 0.6), rect(2, 29.4, 28, 1.4, 'grey'), tick(25, 11, 0.94)],
  difficult: ['not easy, tricky, tough, complicated', person({ at: [8, 11.6], shoulder: [8, 17.6], hip: [8, 22.6], look: 'up', mood: 'sad', arms: [[[3.6, 22.6]], [[14, 16]]], legs: [[[6, 29.2]], [[10, 29.2]]], r: 3.8 }), rect(16, 2, 13, 28, 'brown'), [[16, 9], [16, 16], [16, 23]].map(([x, y]) => rect(x, y - 0.5, 13, 1, 'cream')), [[22, 2], [19, 9], [25, 9], [22, 16], [19, 23], [25, 23]].map(([x, y]) => rect(x - 0.5, y, 1, 7, 'cream')), drops([13.6, 8, 0.6])],
  long: ['not short', rect(1, 13, 30, 6, 'leaf', 3), arrow([16, 25], [30.6, 25], { width: 2 }), arrow([16, 25], [1.4, 25], { width: 2 }), rect(1, 6, 8, 3.6, 'light', 1.8)],
  short: ['not long', rect(11, 6, 10, 6, 'leaf', 3), rect(1, 19, 30, 4, 'light', 2)],
  tall: ['high, not short', small(9, 16, 0.98, ...person({ at: [16, 4.6], hip: [16, 19] })), small(24, 23.6, 0.46, ...faint(person({}))), arrow([17.6, 29.6], [17.6, 2], { width: 2 })],
  right: ['correct, thats right', circle(16, 16, 14, 'cream'), tick(16, 16.6, 1.7)],
  wrong: ['not right, mistake', circle(16, 16, 14, 'cream'), cross(16, 16, 6.6, 'red', 4)],
  ready: ['all set', person({ at: [12, 6.4], mood: 'wide', arms: [[[6.4, 19.5]], [[17.6, 19.5]]] }), rect(1.6, 19, 9, 8.6, 'red', 1.4), line('M3.6 19v-1.600a2.4 2.4 0 0 1 4.8 0v1.6', 'wood', 1.3), tick(25, 10, 0.94)],
  very: ['so, really', rect(3, 21, 6.4, 8, 'light', 1.2), rect(11.6, 14, 6.4, 15, 'grey', 1.2), rect(20.2, 4, 8.4, 25, 'orange', 1.2)],
  better: ['feel better, get better, cure, recover, recovery, heal', head({ at: [8, 22], r: 6, mood: 'sad' }), head({ at: [23.4, 10], r: 7.4, mood: 'wide' }), arrow([14.6, 26], [25, 20], { by: [23, 26.4], width: 2.2 })],
  enough: ['that is enough', glass(12, 17, 1.7, 0.8, 'sky'), line([[2, 10.4], [22, 10.4]], 'orange', 1.8), tick(25.4, 20, 0.84)],
  many: ['a lot, lots, much', [[6, 25], [14, 25], [22, 25], [10, 18], [18, 18], [26, 18], [14, 11], [22, 11], [18, 4.4]].flatMap(([x, y]) => biscuit(x, y, 3.9))],
  'how-many': ['how much', [[5, 26], [13, 26], [9, 19]].flatMap(([x, y]) => biscuit(x, y, 3.9)), question(24, 12, 1.3)],
  half: ['a half', circle(16, 16, 13, 'pale'), path('M16 3a13 13 0 0 0 0 26z', 'orange'), line([[16, 2], [16, 30]], 'ink', 1)],
  square: ['', rect(4, 4, 24, 24, 'purple')],
  eleven: ['', dots(11)],
  twelve: ['', dots(12)],
  'too-big': ['too large', small(16, 16, 0.98, ...person({ mood: 'flat', arms: [null, null] })), shirt(16, 17.4, 1.16, 'red'), cross(27, 6, 3.2, 'red', 2.4)],
  'too-small': ['too little, too tight', small(15, 16.4, 0.98, ...person({ mood: 'flat', shirt: 'skin' })), shirt(15, 14.6, 0.46, 'red'), cross(27, 6, 3.2, 'red', 2.4)],
  itchy: ['itch, scratch, rash', person({ at: [13, 6.8], mood: 'sad', arms: [[[8, 20], [4.6, 23]], [[20.6, 19.4], [8.6, 18.6]]] }), circle(24, 15, 1.3, 'red'), circle(27.4, 18, 1.1, 'red'), circle(23.6, 20, 1, 'red'), circle(28, 13, 1, 'red'), line([[3, 15.6], [5.4, 17]], 'orange', 1.4), line([[6.6, 14], [7.8, 16.2]], 'orange', 1.4)],
  circle: ['round, ring', circle(16, 16, 13, 'sky')],
  dark: ['the dark', rect(2, 2, 28, 28, 'navy', 3), circle(23, 9, 4, 'yellow'), circle(21, 7.600, 4, 'navy'), star(9, 9, 2.2), star(25, 20, 1.8), faint(person({ at: [13, 19.600], r: 2.6, shoulder: [13, 23.600], hip: [13, 27], arms: [null, null], legs: [null, null] }))],
  thick: ['fat', rect(3, 5, 26, 12, 'leaf', 2), rect(3, 24, 26, 2, 'light', 1), arrow([16, 2], [16, 5.600], { width: 1.6, size: 0.6 })],
  thin: ['', rect(3, 23.600, 26, 2.2, 'leaf', 1), rect(3, 5, 26, 12, 'light', 2)],
};
