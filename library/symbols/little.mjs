// Little words: small scenes that show the one thing each of them adds.
import { circle, faint, line, path, poly, rect, small } from './draw.mjs';
import { arrow, ball, ban, box, boxBack, boxFront, cross, cup, door, drops, glass, ground, hand, head, house, person, question, recolour, round, thought, tick, bust } from './parts.mjs';
import { other } from './doing.mjs';

export const drawer = 'core-little';

const plus = (x, y, s = 1) => [rect(x - 4.4 * s, y - 1.4 * s, 8.8 * s, 2.8 * s, 'orange', 0.8), rect(x - 1.4 * s, y - 4.4 * s, 2.8 * s, 8.8 * s, 'orange', 0.8)];
const equals = (x, y, s = 1) => [rect(x - 4 * s, y - 3.2 * s, 8 * s, 2.3 * s, 'orange', 0.8), rect(x - 4 * s, y + 0.9 * s, 8 * s, 2.3 * s, 'orange', 0.8)];
const one = (x, y, r = 3.6) => ball(x, y, r);
const dim = (x, y, r = 3.6) => circle(x, y, r, 'light');
const near = (turn = 150, at = [6.6, 9]) => hand('point', { at, turn, size: 0.9, reach: 4 });
const dotted = (...points) => points.map(([x, y]) => circle(x, y, 0.8, 'orange'));

export const symbols = {
  not: ['isnt, isn’t, arent, didn’t, doesn’t, couldn’t, wouldn’t, shouldn’t, hasn’t, haven’t, hadn’t, wasn’t, weren’t, needn’t, mustn’t', ban()],
  dont: ['don’t, do not, dont do that', hand('open', { at: [16, 22], size: 1.24, reach: 6 }), cross(16, 16, 10, 'red', 3)],
  and: ['also, plus, as well, too', ball(6.6, 16, 5.4), plus(16, 16, 0.94), rect(20.6, 11, 10, 10, 'sky', 1)],
  or: ['either', ball(7, 22, 5.4), rect(20, 17, 10, 10, 'sky', 1), line([[16, 13.6], [16, 30]], 'grey', 1.6), arrow([16, 3], [7, 13.6], { by: [7, 4] }), arrow([16, 3], [25, 13.6], { by: [25, 4] })],
  but: ['however', arrow([2, 23], [13.6, 23], { width: 2.6 }), rect(15.6, 9, 3, 20, 'red', 1), arrow([9, 22], [30, 8], { by: [11, 3], width: 2.6 })],
  because: ['thats why, because of', cup(24, 23, 0.94), rect(1, 29.4, 30, 1.6, 'grey'), line([[21, 20], [23.6, 23.6], [22, 25.6], [24.6, 28]], 'ink', 1), ball(6.6, 24.6, 4.6), arrow([24, 13], [7, 17], { by: [14, 2], width: 2.6 })],
  if: ['whether, perhaps', line([[16, 30], [16, 20]], 'grey', 4), line('M16 20Q16 13 7 9', 'grey', 4), line('M16 20Q16 13 25 9', 'grey', 4), ball(5.6, 6.4, 3.8), rect(22.8, 2.6, 7, 7, 'sky', 0.8), question(16, 5.6, 0.66)],
  a: ['an, any one', dim(7, 9), dim(25, 9), dim(7, 24), one(16, 16.5, 4.4), dim(25, 24), line('M2 16.500a14 14 0 1 0 28 0a14 14 0 1 0 -28 0', 'light', 1)],
  the: ['that very one', dim(5.6, 24, 3.8), dim(26.4, 24, 3.8), one(16, 23.6, 5), arrow([16, 3], [16, 16.6], { width: 3, size: 1.15 })],
  this: ['this one', near(148, [8, 10]), one(19.6, 23, 6)],
  that: ['that one', near(122, [3.6, 21]), one(26, 6.4, 4.4), dotted([14, 17], [17, 14.6], [20, 12])],
  these: ['these ones', near(148, [6, 8]), one(13, 24.6, 4), one(21.6, 20, 4), one(22, 28, 3.6)],
  those: ['those ones', near(122, [3, 23]), one(21, 6, 3), one(28, 5.6, 3), one(26, 12, 3), dotted([13, 19], [15.6, 16.6], [18, 14])],
  is: ['its, be', small(6.2, 17, 0.8, ...other()), equals(16.4, 16, 0.8), head({ at: [26, 16], r: 4.8, mood: 'wide', ears: true })],
  am: ['im, i am', small(6.2, 17, 0.8, ...person({ arms: [[[10.4, 19.5]], [[22.4, 17.6], [17.2, 15.2]]] })), equals(16.4, 16, 0.8), head({ at: [26, 16], r: 4.8, mood: 'wide' })],
  are: ['be', small(4, 17, 0.66, ...other()), small(11.4, 17, 0.66, ...person({ shirt: 'green' })), equals(19, 16, 0.66), head({ at: [27, 10.4], r: 4, mood: 'wide' }), head({ at: [27, 21.6], r: 4, mood: 'wide' })],
  can: ['able to, i can do it', person({ at: [13.6, 14], shoulder: [13.6, 19], hip: [13.6, 23.6], arms: [[[7, 17], [8, 10]], [[20.2, 17], [19.2, 10]]], legs: [[[11.6, 29.6]], [[15.6, 29.6]]], mood: 'wide', r: 3.6 }), rect(6, 2, 15, 7, 'amber', 1), tick(26.6, 14, 0.8)],
  will: ['going to, shall', small(7, 18, 0.8, ...person({ look: 'right' })), line([[13, 29], [30, 29]], 'light', 2), arrow([13.6, 16], [29.6, 16], { width: 3, size: 1.15 }), dotted([17, 10], [21, 8.6], [25, 8.6])],
  for: ['its for', small(25, 18.6, 0.74, ...person({})), rect(2, 14, 9, 8.6, 'red', 0.8), rect(5.4, 14, 2.2, 8.6, 'amber'), arrow([12, 18], [20, 18])],
  of: ['part of', path('M16 16V3.600a12.4 12.4 0 1 0 12.4 12.4z', 'amber'), path('M18.4 13.600V1.600a12 12 0 0 1 12 12z', 'orange')],
  at: ['at the', house(16, 13, 1.24), line('M6 27a10 3 0 1 0 20 0a10 3 0 1 0 -20 0', 'orange', 1.8), ball(16, 26.6, 2.6)],
  too: ['as well, also', ball(9, 10, 5), ball(22, 21, 5), plus(22.6, 9, 0.86)],
  maybe: ['perhaps, might, probably', head({ at: [16, 19], r: 8.6, mood: 'flat', look: 'up' }), tick(5.6, 7, 0.72), cross(26.6, 6.6, 3, 'red', 2.4)],
  could: ['might', person({ at: [13.6, 14], shoulder: [13.6, 19], hip: [13.6, 23.6], arms: [[[7, 17], [8, 10]], [[20.2, 17], [19.2, 10]]], legs: [[[11.6, 29.6]], [[15.6, 29.6]]], mood: 'flat', r: 3.6 }), faint(rect(6, 2, 15, 7, 'amber', 1)), question(26.4, 9, 0.84)],
  would: ['would like', small(7, 20, 0.74, ...person({ look: 'right' })), thought(13, 2.4, 17, 13), circle(11.4, 14.6, 1, 'light'), ball(18.6, 9, 3), arrow([22, 9], [28, 9], { width: 1.8, size: 0.8 })],
  must: ['have to, has to', small(8, 17, 0.9, ...person({ mood: 'flat', look: 'right' })), rect(15, 5, 15, 22, 'white', 1), line([[15, 5], [30, 5], [30, 27], [15, 27], [15, 5]], 'light', 1.2), path('M20.8 8.4h3.600l-0.600 9h-2.400z', 'red'), circle(22.6, 21.4, 1.9, 'red')],
  only: ['just, just one', circle(16, 16, 13, 'pale'), one(16, 16, 4.6)],
  any: ['whichever', [[7, 9], [25, 9], [7, 23], [25, 23]].flatMap(([x, y]) => ball(x, y, 3.8)), [[[13.6, 13.6], [10.8, 11.6]], [[18.4, 13.6], [21.2, 11.6]], [[13.6, 18.4], [10.8, 20.4]], [[18.4, 18.4], [21.2, 20.4]]].flatMap(([from, to]) => line([from, to], 'orange', 1.8)), circle(16, 16, 2.2, 'orange')],
  than: ['more than', rect(3, 6, 9, 22, 'sky', 1.4), rect(20, 18, 9, 10, 'light', 1.4), arrow([13, 4.6], [24.6, 15.4], { by: [24, 5] })],
  about: ['around it', ball(16, 16, 5), round(16, 16, 11, 150, 30, { width: 2.2 }), dotted([16, 29.4], [11, 28], [21, 28])],
  something: ['anything, a thing', path('M5 22q-4 -1 -3 -6q0.600 -4 5 -4q1 -7 8.600 -7q6 0 8 5.600q6.400 -0.600 6.800 5.400q0 6 -5.400 6z', 'light'), question(16, 13.4, 0.86, 'white')],
  'something-else': ['another one, a different one, other', faint(ball(7, 20, 5)), rect(19, 15, 11, 11, 'sky', 1), arrow([7, 12], [24.4, 13], { by: [15, 0] })],
  'not-that': ['not that one', near(122, [3.6, 21]), ball(25, 8, 4.6, 'sky'), dotted([14, 17], [17, 14.6]), cross(25, 8, 5.4, 'red', 2.4)],
  'can-i': ['may i, can i have', bust({ at: [12, 18], r: 6.2, mood: 'open' }), hand('open', { at: [25, 22], size: 0.8, reach: 8 }), question(20.6, 6.4, 0.8)],
};
