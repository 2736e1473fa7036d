// What pictures are put together with: arrows, frames, marks, and somebody with a hand out. They say nothing alone.
import { arrow, circle, cross, line, path, person, pose, question, rays, rect, round, small, thought } from './grammar.mjs';
import { bubble, tick } from './parts.mjs';

export const drawer = 'core-sign';

const plus = [rect(4, 13, 24, 6, 'orange', 2), rect(13, 4, 6, 24, 'orange', 2)];

export const symbols = {
  'sign-holding': ['', small(11, 16, 1, ...person({ ...pose('hold'), at: [12, 7], shoulder: [12, 13.2], hip: [12, 20.4], arms: [[[6.6, 19.6]], [[19.6, 17.4], [23.6, 15.4]]], legs: [[[9.6, 29.6]], [[14.4, 29.6]]], look: 'front' }))],
  'sign-pointing': ['', small(11, 16, 1, ...person({ ...pose('point'), at: [12, 6.4], arms: [[[6.4, 19.5]], [[22, 12]]] }))],
  'sign-arrow-right': ['', arrow([3, 16], [30, 16], { width: 4, size: 1.5 })],
  'sign-arrow-left': ['', arrow([29, 16], [2, 16], { width: 4, size: 1.5 })],
  'sign-arrow-up': ['', arrow([16, 29], [16, 2], { width: 4, size: 1.5 })],
  'sign-arrow-down': ['', arrow([16, 3], [16, 30], { width: 4, size: 1.5 })],
  'sign-arrow-bent': ['', arrow([4, 10], [25, 29], { by: [25, 4], width: 4, size: 1.6 })],
  'sign-arrow-round': ['', round(16, 16, 11.4, -60, 262, { width: 3.4, size: 1.35 })],
  'sign-plus': ['', plus],
  'sign-minus': ['', rect(4, 13, 24, 6, 'orange', 2)],
  'sign-equals': ['', [rect(4, 8, 24, 5.4, 'orange', 2), rect(4, 18.6, 24, 5.4, 'orange', 2)]],
  'sign-tick': ['', tick(16, 16.6, 2.2)],
  'sign-cross': ['', cross(16, 16, 11, 'red', 4)],
  'sign-question': ['', question(16, 13.6, 1.7)],
  'sign-exclamation': ['', [path('M13 3h6l-1.4 17h-3.2z', 'red'), circle(16, 26, 3, 'red')]],
  'sign-ring': ['', line('M3 16a13 13 0 1 0 26 0a13 13 0 1 0 -26 0', 'orange', 2.4)],
  'sign-frame': ['', [rect(1.6, 1.6, 28.8, 28.8, 'orange', 4), rect(4, 4, 24, 24, 'white', 2.4)]],
  'sign-cloud': ['', [thought(2, 2, 28, 20), circle(8, 25.6, 2.2, 'light'), circle(4.6, 29, 1.4, 'light')]],
  'sign-bubble': ['', bubble(3, 3, 26, 19)],
  'sign-rays': ['', rays(16, 16, 9, 14.6, [0, 45, 90, 135, 180, 225, 270, 315], 'orange', 2)],
  'sign-motion': ['', [[6, 20], [13, 24], [20, 18]].map(([y, w]) => line([[3, y], [3 + w, y]], 'grey', 2.4))],
  'sign-split': ['', line([[16, 2], [16, 30]], 'grey', 2.4)],
};
