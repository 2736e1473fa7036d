// A few things the base set lacks.
import { circle, group, line, path, poly, rect } from './draw.mjs';
import { star } from './parts.mjs';

export const drawer = 'core-thing';

export const symbols = {
  blocks: ['building blocks, bricks, block', rect(2, 18.4, 12, 12, 'red', 1.4), rect(17.4, 18.4, 12, 12, 'sky', 1.4), rect(9.6, 5.4, 12, 12, 'amber', 1.4), circle(8, 24.4, 3.2, 'cream'), poly([[23.4, 21], [27, 27.4], [19.8, 27.4]], 'cream'), rect(12.8, 8.6, 5.6, 5.6, 'cream', 0.6)],
  'swing-seat': ['swing, swings', line([[2, 30], [7, 3]], 'red', 2.2), line([[30, 30], [25, 3]], 'red', 2.2), line([[7, 3], [25, 3]], 'red', 2.4), line([[12, 3.6], [12, 22]], 'grey', 1.2), line([[20, 3.6], [20, 22]], 'grey', 1.2), rect(9.6, 21.4, 12.8, 2.8, 'wood', 1)],
  jumper: ['sweater, pullover, sweatshirt', path('M11 4l-9 6l2.6 16l4.2 -0.800l-0.8 -8v11.600h16v-11.600l-0.8 8l4.2 0.800l2.6 -16l-9 -6q-5 3.6 -10 0z', 'purple'), rect(8, 26, 16, 3.2, 'navy', 0.8), line('M11 4q5 4.6 10 0', 'navy', 2), line([[9, 15], [12, 18], [15, 15], [18, 18], [21, 15], [23.4, 17.4]], 'amber', 1.5)],
  sandpit: ['sand, sandbox', path('M2 17h28l-3 12h-22z', 'sky'), path('M4 18q6 -8 12 -5q6 -5 12 5z', 'amber'), group([path('M-3 -2h6l-1 6h-4z', 'red')], { move: [12, 11.4], turn: 180 }), line([[22, 15], [26, 6]], 'wood', 1.6), line([[24.8, 5.4], [27.4, 6.6]], 'wood', 1.6)],
  shop: ['store, shops', rect(4, 13, 24, 17, 'cream'), ...[0, 1, 2, 3, 4, 5].map((i) => path(`M${2 + i * 4.667} 5h4.667v9a2.333 2.333 0 0 1 -4.667 0z`, i % 2 ? 'pale' : 'red')), rect(7, 19, 9, 7, 'water'), rect(18.6, 18, 6.4, 12, 'wood'), circle(20, 24, 0.7, 'amber')],
  cup: ['beaker', line('M22 12q7.6 -0.6 5.8 5.600t-8 7', 'sky', 2.8), path('M4 8h19l-2.2 18.600q-0.4 2.8 -3.2 2.800h-8.200q-2.8 0 -3.2 -2.800z', 'sky'), path('M4 8h19l-0.4 3.600h-18.200z', 'blue')],
  plate: ['dish', circle(16, 16, 14, 'light'), circle(16, 16, 9.6, 'pale')],
  bowl: ['dish', path('M2 13h28q0 14 -10 16h-8q-10 -2 -10 -16z', 'sky'), path('M2 13h28l-0.4 3h-27.200z', 'blue')],
};
