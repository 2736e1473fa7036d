// Where things are: always the red ball and the yellow box, so that only the place differs.
import { circle, faint, line, path, poly, rect, small } from './draw.mjs';
import { arrow, ball, box, boxBack, boxFront, hand, house, person, table } from './parts.mjs';

export const drawer = 'core-where';

const target = (x, y, r = 4) => [circle(x, y, r, 'sky'), circle(x, y, r * 0.5, 'white')];
const pin = (x, y, s = 1) => [path(`M${x} ${y}q${-5 * s} ${-6 * s} ${-5 * s} ${-9.4 * s}a${5 * s} ${5 * s} 0 0 1 ${10 * s} 0q0 ${3.4 * s} ${-5 * s} ${9.4 * s}z`, 'red'), circle(x, y - 9.6 * s, 2 * s, 'white')];

export const symbols = {
  in: ['inside, into, put in', boxBack(5, 17, 22), ball(16, 16.4, 5), boxFront(5, 17, 22, 13), arrow([16, 0.8], [16, 10.8])],
  out: ['outside, out of, take out', boxBack(3, 19, 16), boxFront(3, 19, 16, 11.4), ball(25, 24.8, 4.8), arrow([11, 15], [25, 17.6], { by: [20, 3] })],
  on: ['on top', box(5, 17, 22, 13), ball(16, 11.6, 5.4)],
  off: ['take off, get off', box(2, 17, 17, 13), ball(25, 25, 4.8), arrow([12, 12], [26, 18.4], { by: [25, 5] })],
  up: ['upwards, go up', line([[3, 29], [10, 29], [10, 22], [17, 22], [17, 15], [24, 15]], 'brown', 2.4), arrow([26, 29], [26, 2.6], { width: 3.4, size: 1.3 })],
  down: ['downwards, go down', line([[29, 29], [22, 29], [22, 22], [15, 22], [15, 15], [8, 15]], 'brown', 2.4), arrow([6, 3], [6, 29.4], { width: 3.4, size: 1.3 })],
  over: ['above, across, overhead', box(9.6, 19, 13, 11), ball(5, 25.6, 4.2), arrow([5, 18], [28, 22.6], { by: [19, -6] })],
  under: ['below, underneath, beneath', table(10, 2, 30), ball(16, 24.6, 5.4)],
  beside: ['next to, by', box(2, 14, 15, 16), ball(24.6, 24.4, 5.6)],
  between: ['in the middle', box(1, 16, 9, 14), box(22, 16, 9, 14), ball(16, 24.6, 5.2)],
  behind: ['at the back', ball(19.6, 12, 7), box(3, 14, 22, 16)],
  'in-front': ['in front of, at the front', box(3, 8, 22, 18), ball(20, 23.4, 7)],
  here: ['right here, this place', line('M4 26a12 4 0 1 0 24 0a12 4 0 1 0 -24 0', 'orange', 2), small(11.4, 15.4, 0.86, ...person({ arms: [[[10.4, 19.5]], [[24, 19.6]]] })), arrow([22.6, 9], [22.6, 24], { width: 3, size: 1.1 })],
  there: ['over there, that place, yonder', small(6.6, 19, 0.74, ...faint(person({ arms: [[[10.4, 19.5]], [[24.6, 10.6]]] }))), arrow([13, 15], [21, 10]), pin(25, 14, 0.92), line('M20 15.4a5 1.8 0 1 0 10 0a5 1.8 0 1 0 -10 0', 'orange', 1.4)],
  away: ['go away, gone away', poly([[7, 31], [25, 31], [20, 12], [15, 12]], 'light'), small(17.5, 8, 0.5, ...person({ look: 'back', shirt: 'sky' })), faint(house(5.4, 20, 0.62)), arrow([28.6, 28], [24, 8.6], { width: 2.8, size: 1.1 })],
  with: ['together with, both', small(9.4, 16.6, 0.92, ...person({ arms: [[[10.4, 19.5]], [[23.4, 19]]] })), small(22.6, 16.6, 0.92, ...person({ shirt: 'purple', arms: [[[8.6, 19]], [[21.6, 19.5]]] }))],
  to: ['towards, go to', arrow([2, 16], [20, 16], { width: 3.2, size: 1.25 }), target(25.6, 16, 5)],
  from: ['out from', target(6.6, 16, 5), arrow([12.4, 16], [30.4, 16], { width: 3.2, size: 1.25 })],
  inside: ['indoors, inner', path('M2 15L16 3l14 12h-3.600v15h-20.800v-15z', 'amber'), rect(7, 15, 18, 13, 'cream'), small(16, 21.4, 0.42, ...person({}))],
  outside: ['outdoors, go out', path('M0 16L10 7l10 9h-2.600v14h-14.800v-14z', 'amber'), rect(7, 20, 6, 10, 'wood'), small(25, 20.6, 0.62, ...person({})), circle(27, 5.6, 3.4, 'yellow')],
  near: ['close to, nearby, closer', target(22, 21.6, 5.4), small(10.6, 17.6, 0.8, ...person({}))],
  far: ['far away, a long way, faraway, far-off, afar', small(5.6, 22, 0.58, ...person({})), target(27, 9, 3.4), line('M9.6 28q8 -2 9 -8t5.6 -8', 'orange', 1.8)],
};
