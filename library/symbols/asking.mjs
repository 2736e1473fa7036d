// Question words: what is asked for, with the one question mark.
import { circle, faint, line, oval, path, poly, rect, small } from './draw.mjs';
import { arrow, ball, box, bust, clock, ground, hand, person, question, recolour } from './parts.mjs';

export const drawer = 'core-question';

const mark = question(25.6, 8, 0.94);

export const symbols = {
  who: ['who is it, whose, whom', small(12.4, 16.4, 1, ...recolour(bust({ at: [16, 12], r: 7, eyes: 'none', mood: 'none', hair: 'none', ears: false, shirt: 'dark' }), { skin: 'grey', shade: 'grey' })), question(25.8, 9, 1)],
  what: ['what is it, whats that', box(3, 13.4, 17, 16, 'amber'), rect(10, 13.4, 3, 16, 'red'), mark],
  where: ['where is it, wheres', path('M3 24.6l8 -3.6l8 3.6l8 -3.6v8l-8 3l-8 -3l-8 3z', 'leaf'), path('M11 21l8 3.6v7.4l-8 -3z', 'green'), path('M11 25.6q-7 -8 -7 -13a7 7 0 0 1 14 0q0 5 -7 13z', 'red'), circle(11, 12.4, 2.9, 'white'), mark],
  when: ['what time', clock(12.4, 18.6, 11), mark],
  why: ['how come', bust({ at: [12.4, 15], r: 6.8, mood: 'flat', look: 'up' }), question(26, 9, 1)],
  how: ['in what way', line('M3 29h7v-6h7v-6h7v-3', 'brown', 3), small(10.6, 13.4, 0.6, ...person({ arms: [[[10, 10]], [[22, 17]]], legs: [[[13.6, 29.5]], [[20.6, 23.4], [21, 27]]] })), question(25.6, 7.4, 0.86)],
  which: ['which one', ball(8.4, 23.4, 6), box(18.4, 17, 11.6, 12.6, 'sky', 'blue'), question(16, 8.4, 0.94)],
};
