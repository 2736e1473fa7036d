// Where things go and how far: a scene with the one way lit.
import { arrow, at, circle, cross, ground, line, of, path, person, poly, question, rect, round, small } from './grammar.mjs';
import { ball, box, hand } from './parts.mjs';

export const drawer = 'core-where';

const compass = (lit, other) => [circle(16, 17, 13, 'pale'), poly(other, 'light'), poly(lit, 'red')];

export const symbols = {
  against: ['lean against, up against, lean', [rect(20, 3, 8, 27, 'brown'), line([[6, 29], [19, 9]], 'amber', 3), ground(30)]],
  along: ['along the edge', [line('M2 28q10 -14 28 -18', 'grey', 4), arrow([3, 19], [23, 5], { by: [10, 9], width: 2.4 })]],
  across: ['to the other side', [rect(1, 1, 8, 30, 'leaf'), rect(23, 1, 8, 30, 'leaf'), rect(9, 1, 14, 30, 'sky'), arrow([3, 16], [29, 16], { width: 3 })]],
  through: ['go through', [rect(11, 2, 10, 10, 'brown'), rect(11, 20, 10, 10, 'brown'), arrow([1, 16], [31, 16], { width: 3 })]],
  around: ['round, go round', [box(11, 12, 10, 9), round(16, 16.6, 12, 150, 440, { width: 2.6 })]],
  among: ['amongst, in the middle of', [[[6, 6], [26, 6], [6, 26], [26, 26], [16, 4], [16, 28], [4, 16], [28, 16]].map(([x, y]) => circle(x, y, 3, 'sky')), ball(16, 16, 4)]],
  upon: ['on top of', [box(5, 17, 22, 13), ball(16, 11.600, 5.4)]],
  toward: ['towards, in the direction of', [at(26, 16, 0.34, 'house'), arrow([2, 17], [20, 17], { width: 2.8 })]],
  forward: ['forwards, onward', [arrow([3, 16], [30, 16], { width: 4, size: 1.5 })]],
  'back/direction': ['go back, backward, come back', [arrow([29, 16], [2, 16], { width: 4, size: 1.5 })]],
  ahead: ['in front of you, straight ahead', [poly([[6, 31], [26, 31], [18, 6], [14, 6]], 'light'), arrow([16, 27], [16, 3], { width: 3, size: 1.2 })]],
  'left/side': ['on the left, left hand', [rect(18, 8, 12, 16, 'light', 1), arrow([16, 16], [1.6, 16], { width: 4, size: 1.5 })]],
  'right/side': ['on the right, right hand', [rect(2, 8, 12, 16, 'light', 1), arrow([16, 16], [30.4, 16], { width: 4, size: 1.5 })]],
  north: ['', [circle(16, 17, 13, 'pale'), poly([[16, 2], [20, 17], [12, 17]], 'red'), poly([[16, 31], [20, 17], [12, 17]], 'light')]],
  direction: ['directions, which way, way, route', [circle(16, 16, 3, 'dark'), arrow([16, 12], [16, 1.6], { width: 2.2, size: 0.9 }), arrow([20, 16], [30.4, 16], { width: 2.2, size: 0.9 }), arrow([16, 20], [16, 30.4], { width: 2.2, size: 0.9 }), arrow([12, 16], [1.6, 16], { width: 2.2, size: 0.9 })]],
  distance: ['how far', [at(5, 12, 0.26, 'house'), at(27, 12, 0.26, 'school'), line([[3, 22], [29, 22]], 'light', 2.4), arrow([16, 26], [29, 26], { width: 2, size: 0.8 }), arrow([16, 26], [3, 26], { width: 2, size: 0.8 })]],
  mile: ['miles, kilometre, a long way to go', [poly([[4, 31], [28, 31], [18, 8], [14, 8]], 'dark'), [[16, 27, 4], [16, 20, 3], [16, 13.6, 2]].map(([x, y, h]) => rect(x - 0.7, y - h / 2, 1.4, h, 'white')), arrow([29, 28], [20, 6], { width: 2, size: 0.8 })]],
  apart: ['away from each other', [ball(5, 16, 4), ball(27, 16, 4), arrow([14, 16], [10, 16], { width: 1.8, size: 0.7 }), arrow([18, 16], [22, 16], { width: 1.8, size: 0.7 })]],
  together: ['all together', [[9, 16, 23].map((x, i) => small(x, 17, 0.66, ...person({ shirt: ['sky', 'purple', 'green'][i] }))), line('M3 28a13 3 0 0 0 26 0', 'orange', 2)]],
  everywhere: ['all over, all around', [circle(16, 16, 13, 'sky'), [[16, 6], [8, 11], [24, 11], [6, 19], [16, 16], [26, 19], [11, 25], [21, 25]].map(([x, y]) => circle(x, y, 2, 'red'))]],
  somewhere: ['some place, anywhere', [at(11, 18, 0.7, 'world-map'), question(26, 9, 1.1)]],
  nowhere: ['no place', [at(16, 16, 0.8, 'world-map'), cross(16, 16, 9, 'red', 2.8)]],
  south: ['southern', compass([[16, 32], [12, 17], [20, 17]], [[16, 2], [12, 17], [20, 17]])],
  east: ['eastern', compass([[31, 17], [16, 13], [16, 21]], [[1, 17], [16, 13], [16, 21]])],
  west: ['western', compass([[1, 17], [16, 13], [16, 21]], [[31, 17], [16, 13], [16, 21]])],
  height: ['how tall', [small(11, 16, 0.96, ...person({})), arrow([26, 14], [26, 2], { width: 2.4 }), arrow([26, 18], [26, 30], { width: 2.4 })]],
  length: ['how long is it', [rect(2, 8, 28, 7, 'sky', 1), arrow([14, 23], [2, 23], { width: 2.4 }), arrow([18, 23], [30, 23], { width: 2.4 })]],
  inch: ['inches', [rect(1, 11, 30, 11, 'amber', 1), rect(1, 11, 7.6, 11, 'orange', 1), [8.6, 16, 23.4].map((x) => line([[x, 11], [x, 17]], 'ink', 1.2)), [4.8, 12.3, 19.7, 27.1].map((x) => line([[x, 11], [x, 14]], 'ink', 1))]],
  steep: ['steeply', [poly([[1, 30], [29, 30], [29, 3]], 'green'), arrow([3, 22], [20, 5], { width: 2.6 })]],
};
