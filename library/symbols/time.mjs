// Time and order.
import { circle, line, path, poly, rect } from './draw.mjs';
import { arrow, clock, days, ground, round } from './parts.mjs';

export const drawer = 'core-time';

const steps = (on) => [0, 1, 2].map((i) => rect(1.4 + i * 10.4, i === on ? 12 : 14, 8.4, i === on ? 13 : 9, i === on ? 'orange' : 'light', 1.4));
/** One tree the year round, in the colours of its season. */
const seasonTree = (crown, spots) => [rect(14, 18, 4, 11, 'wood', 0.8), circle(16, 11, 8.6, crown), circle(9.6, 14.6, 5.2, crown), circle(22.4, 14.6, 5.2, crown), spots ? [[12, 8], [19, 7], [9, 14], [16, 13], [22, 13], [14, 17.600], [20, 17.600]].map(([x, y]) => circle(x, y, 1.5, spots)) : [], line([[4, 29.600], [28, 29.600]], 'leaf', 1.6)];
/** The week as seven posts, Monday first, the two of the weekend set apart; the day meant is tall and has a colour of its own. */
const week = (which) => ['green', 'purple', 'amber', 'orange', 'sky', 'pink', 'red'].map((colour, i) => rect(1 + i * 4.2 + (i > 4 ? 1.2 : 0), i === which ? 5 : 15, 3.4, i === which ? 23 : 13, i === which ? colour : i > 4 ? 'pale' : 'light', 0.9));
const sun = (x, y, r) => [circle(x, y, r, 'amber'), circle(x, y, r * 0.72, 'yellow')];

export const symbols = {
  first: ['at first, number one', steps(0), arrow([5.6, 2], [5.6, 10.4], { width: 2.2 })],
  then: ['after that, next', rect(1.4, 14, 10, 10, 'light', 1.4), rect(20.6, 12, 10.4, 14, 'orange', 1.4), arrow([12.4, 19], [19.4, 19], { width: 2.2, size: 0.9 })],
  next: ['next one, after', rect(1.4, 14, 8.4, 9, 'light', 1.4), rect(11.8, 12, 8.4, 13, 'orange', 1.4), rect(22.2, 14, 8.4, 9, 'light', 1.4), arrow([5, 11], [16, 10.6], { by: [10, 0], width: 2.2 })],
  last: ['at last, the last one', steps(2), arrow([26.4, 2], [26.4, 10.4], { width: 2.2 })],
  now: ['right now, at once, straight away', line([[2, 25], [30, 25]], 'light', 2.6), circle(16, 25, 4.2, 'orange'), arrow([16, 2], [16, 19.6], { width: 3.4, size: 1.25 })],
  later: ['in a while, soon, after a while, not now', clock(11.4, 12, 9.4), line([[2, 28], [30, 28]], 'light', 2.2), circle(8, 28, 2, 'light'), circle(26, 28, 3, 'orange'), arrow([19.6, 20], [26, 24.4], { by: [25, 17], size: 0.9, width: 2.2 })],
  before: ['earlier', steps(1).map((p, i) => ({ ...p, colour: i === 0 ? 'orange' : i === 1 ? 'grey' : 'light' })), arrow([16, 10], [6, 12], { by: [10, 2], width: 2.2 })],
  after: ['afterwards', steps(1).map((p, i) => ({ ...p, colour: i === 2 ? 'orange' : i === 1 ? 'grey' : 'light' })), arrow([16, 10], [26, 12], { by: [22, 2], width: 2.2 })],
  today: ['this day', days(1), sun(16, 21.6, 3.6), arrow([16, 0.6], [16, 8.6], { width: 2.2, size: 0.9 })],
  yesterday: ['the day before', days(0), arrow([26, 11], [8, 8], { by: [17, -2], width: 2.2 }), sun(7, 21.6, 3.6)],
  tomorrow: ['the next day', days(2), arrow([6, 11], [24, 8], { by: [15, -2], width: 2.2 }), sun(25, 21.6, 3.6)],
  always: ['every time, all the time', line('M16 16q5 -7 9.6 -4.400a5.2 5.2 0 0 1 0 8.800q-4.6 2.6 -9.6 -4.400t-9.6 -4.400a5.2 5.2 0 0 0 0 8.800q4.6 2.6 9.6 -4.400z', 'orange', 3.2)],
  never: ['not ever', line('M16 16q5 -7 9.6 -4.400a5.2 5.2 0 0 1 0 8.800q-4.6 2.6 -9.6 -4.400t-9.6 -4.400a5.2 5.2 0 0 0 0 8.800q4.6 2.6 9.6 -4.400z', 'light', 3.2), line([[6, 27], [26, 5]], 'red', 3)],
  afternoon: ['after lunch', line('M3 27a13 15 0 0 1 26 0', 'light', 2), ground(28.4, 2, 30), sun(24.4, 13, 5), circle(16, 12, 1.6, 'light')],
  monday: ['', week(0)],
  tuesday: ['', week(1)],
  wednesday: ['', week(2)],
  thursday: ['', week(3)],
  friday: ['', week(4)],
  saturday: ['', week(5)],
  sunday: ['', week(6)],
  spring: ['springtime', seasonTree('leaf', 'rose')],
  summer: ['summertime', seasonTree('green'), sun(26.6, 5.400, 4)],
  autumn: ['fall', seasonTree('orange', 'red'), circle(5, 28.600, 1.2, 'orange'), circle(27, 28.6, 1.2, 'red'), circle(22, 29.6, 1, 'orange')],
  winter: ['wintertime', rect(14, 14, 4, 14, 'wood', 0.8), line([[16, 20], [8, 9]], 'wood', 1.8), line([[16, 17], [24, 7]], 'wood', 1.800), line([[16, 15], [16, 4]], 'wood', 1.800), path('M1 30q6 -6 15 -3t15 3z', 'white'), line([[2, 29.400], [30, 29.400]], 'light', 1.6), ...[[5, 5], [27, 13], [4, 17], [22, 2.6], [11, 3], [28, 21]].map(([x, y]) => circle(x, y, 1.2, 'water'))],
};
