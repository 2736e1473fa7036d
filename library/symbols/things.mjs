// A few things the base set lacks.
import { circle, group, line, oval, path, poly, rect, small } from './draw.mjs';
import { arrow, bust, chair, hand, head, person, tap } from './parts.mjs';

export const drawer = 'core-thing';

/** The part that is meant. */
const ring = (x, y, rx, ry) => line(`M${x - rx} ${y}a${rx} ${ry} 0 1 0 ${2 * rx} 0a${rx} ${ry} 0 1 0 ${-2 * rx} 0`, 'orange', 2);

export const symbols = {
  blocks: ['building blocks, bricks, block', rect(2, 18.4, 12, 12, 'red', 1.4), rect(17.4, 18.4, 12, 12, 'sky', 1.4), rect(9.6, 5.4, 12, 12, 'amber', 1.4), circle(8, 24.4, 3.2, 'cream'), poly([[23.4, 21], [27, 27.4], [19.8, 27.4]], 'cream'), rect(12.8, 8.6, 5.6, 5.6, 'cream', 0.6)],
  'swing-seat': ['swing, swings', line([[2, 30], [7, 3]], 'red', 2.2), line([[30, 30], [25, 3]], 'red', 2.2), line([[7, 3], [25, 3]], 'red', 2.4), line([[12, 3.6], [12, 22]], 'grey', 1.2), line([[20, 3.6], [20, 22]], 'grey', 1.2), rect(9.6, 21.4, 12.8, 2.8, 'wood', 1)],
  jumper: ['sweater, pullover, sweatshirt', path('M11 4l-9 6l2.6 16l4.2 -0.800l-0.8 -8v11.600h16v-11.600l-0.8 8l4.2 0.800l2.6 -16l-9 -6q-5 3.6 -10 0z', 'purple'), rect(8, 26, 16, 3.2, 'navy', 0.8), line('M11 4q5 4.6 10 0', 'navy', 2), line([[9, 15], [12, 18], [15, 15], [18, 18], [21, 15], [23.4, 17.4]], 'amber', 1.5)],
  sandpit: ['sand, sandbox', path('M2 17h28l-3 12h-22z', 'sky'), path('M4 18q6 -8 12 -5q6 -5 12 5z', 'amber'), group([path('M-3 -2h6l-1 6h-4z', 'red')], { move: [12, 11.4], turn: 180 }), line([[22, 15], [26, 6]], 'wood', 1.6), line([[24.8, 5.4], [27.4, 6.6]], 'wood', 1.6)],
  shop: ['store, shops', rect(4, 13, 24, 17, 'cream'), ...[0, 1, 2, 3, 4, 5].map((i) => path(`M${2 + i * 4.667} 5h4.667v9a2.333 2.333 0 0 1 -4.667 0z`, i % 2 ? 'pale' : 'red')), rect(7, 19, 9, 7, 'water'), rect(18.6, 18, 6.4, 12, 'wood'), circle(20, 24, 0.7, 'amber')],
  cup: ['beaker', line('M22 12q7.6 -0.6 5.8 5.600t-8 7', 'sky', 2.8), path('M4 8h19l-2.2 18.600q-0.4 2.8 -3.2 2.800h-8.200q-2.8 0 -3.2 -2.800z', 'sky'), path('M4 8h19l-0.4 3.600h-18.200z', 'blue')],
  plate: ['dish', circle(16, 16, 14, 'light'), circle(16, 16, 9.6, 'pale')],
  // Parts of the body: shown on somebody, the part ringed.
  head: ['', head({ at: [16, 17], r: 11 }), ring(16, 15, 15, 14)],
  hair: ['', ...head({ at: [14.6, 17.6], r: 9.6, hair: 'long', eyes: 'open' }), arrow([30.4, 3.6], [23.4, 8.6])],
  neck: ['', bust({ at: [16, 9.6], r: 6.6 }), rect(13, 14.6, 6, 6, 'shade', 1), ring(16, 18.6, 6.4, 3.4)],
  shoulder: ['shoulders', bust({ at: [16, 10], r: 6.6 }), ring(6.8, 22, 5, 5)],
  back: ['back of the body', small(16, 16, 1, ...person({ look: 'back' })), ring(16, 15.8, 5.6, 6.4)],
  tummy: ['belly, stomach, tummy ache', person({ arms: [[[9.6, 17.6], [13, 19]], [[22.4, 17.6], [19, 19]]] }), ring(16, 18, 5.4, 4.6)],
  elbow: ['', line([[4, 4], [11, 21], [26, 12]], 'skin', 6.4), circle(27, 11.4, 3.8, 'skin'), line([[4, 4], [8, 13.6]], 'sky', 7.4), ring(11, 21, 6.4, 6.2)],
  knee: ['knees', line([[4, 5], [18, 12], [14, 26]], 'skin', 6.6), line([[3.6, 4.8], [11, 8.5]], 'navy', 7.8), oval(16.8, 28, 5.2, 2.6, 'shoe'), ring(18, 12.4, 6.6, 6.4)],
  thumb: ['thumbs', hand('open', { at: [19, 22], size: 1.24, reach: 6 }), ring(12, 15.6, 4.6, 4.8)],
  toes: ['toe', path('M11 31q-0.4 -6 -3 -12q-2 -6 -0.4 -9.600h15.600q2.8 4.6 0.8 9.600q-2.600 6 -2.800 12z', 'skin'), circle(10.4, 8.6, 3.3, 'skin'), ...[0, 1, 2, 3].map((i) => circle(14.6 + i * 3, 8 + i * 0.8, 2.2 - i * 0.16, 'skin')), circle(9.4, 6.8, 1.3, 'shade'), ...[0, 1, 2, 3].map((i) => circle(14.6 + i * 3, 6.8 + i * 0.8, 0.9 - i * 0.06, 'shade')), arrow([2, 2.6], [6.6, 6.4], { width: 2, size: 0.8 })],
  lips: ['lip', path('M3 16q6 -8 10 -6q3 1.6 6 0q4 -2 10 6q-6 8 -13 8t-13 -8z', 'pink'), line('M4 16q12 2 24 0', 'mouth', 1.6)],
  chin: ['', head({ at: [16, 15], r: 11 }), ring(16, 25, 5, 4)],
  cheek: ['cheeks', head({ at: [16, 16], r: 12 }), circle(8.6, 19.6, 2.6, 'rose'), circle(23.4, 19.6, 2.6, 'rose'), ring(23.4, 19.6, 5, 5)],
  // The house and what stands in it.
  table: ['', rect(2, 11, 28, 3.6, 'brown', 1), rect(4, 14.6, 3, 15, 'wood'), rect(25, 14.6, 3, 15, 'wood')],
  fridge: ['freezer, refrigerator', rect(7, 2, 18, 28, 'light', 2), rect(8, 3, 16, 9, 'pale', 1.2), rect(8, 13, 16, 15.6, 'pale', 1.2), rect(10, 6, 1.6, 4.6, 'dark', 0.8), rect(10, 15, 1.6, 6, 'dark', 0.8)],
  cooker: ['oven, stove', rect(4, 5, 24, 25, 'light', 1.6), rect(4, 5, 24, 6, 'dark', 1.6), circle(9, 8, 1.5, 'pale'), circle(14, 8, 1.5, 'pale'), circle(23, 8, 1.5, 'orange'), rect(7, 13.4, 18, 13.6, 'dark', 1.4), rect(9, 17, 14, 7.6, 'amber', 1), rect(9, 14.6, 14, 1.4, 'light', 0.6)],
  sink: ['basin, wash basin', tap(14, 7, 1), path('M2 15h28q0 9 -8 11h-12q-8 -2 -8 -11z', 'light'), path('M5 17h22q-1 6 -6.6 7h-9q-5.6 -1 -6.4 -7z', 'water'), rect(13, 26, 6, 4, 'grey')],
  pillow: ['cushion', path('M3 9q-1.6 -3 1.6 -3q11.4 2.4 22.8 0q3.2 0 1.6 3q-1.6 7 0 14q1.6 3 -1.6 3q-11.4 -2.4 -22.8 0q-3.2 0 -1.6 -3q1.6 -7 0 -14z', 'purple'), line('M8 11q8 2 16 0', 'rose', 1.2)],
  blanket: ['duvet, cover', path('M4 6h24v18q-4 3 -8 0t-8 0t-8 0z', 'sky'), rect(4, 6, 24, 4.6, 'cream'), ...[9, 16, 23].map((x) => circle(x, 17, 1.6, 'blue'))],
  towel: ['bath towel', line([[3, 5], [29, 5]], 'wood', 2), rect(7, 4, 18, 22, 'leaf', 1), rect(7, 19, 18, 2, 'cream'), rect(7, 26, 18, 1.6, 'green'), rect(7, 4, 18, 3, 'green', 1)],
  carpet: ['rug, mat', path('M6 9h24l-4 16h-24z', 'red'), path('M9.6 12h16.4l-2.4 10h-16.400z', 'amber'), path('M13 14.600h9l-1.2 5h-9z', 'red'), ...[0, 1, 2, 3, 4, 5].map((i) => line([[3 + i * 4.4, 25], [2.6 + i * 4.4, 28]], 'amber', 1))],
  floor: ['ground', rect(1.6, 2.6, 28.8, 13.4, 'cream'), poly([[6, 16], [26, 16], [31, 30], [1, 30]], 'brown'), ...[-2, -1, 0, 1, 2].map((i) => line([[16 + i * 3.4, 16.4], [16 + i * 5.2, 29.6]], 'wood', 0.7)), arrow([16, 4], [16, 21], { width: 2.8, size: 1.1 })],
  wall: ['brick wall', ...[0, 1, 2, 3, 4].flatMap((r) => [0, 1, 2].map((c) => rect(2 + c * 9.6 - (r % 2 && c > 0 ? 4.8 : 0), 4 + r * 5.2, r % 2 && c === 0 ? 4.2 : r % 2 && c === 2 ? 13.8 : 9, 4.6, (r + c) % 3 ? 'brown' : 'orange', 0.4)))],
  roof: ['', rect(6, 17, 20, 13, 'pale'), poly([[1, 18], [16, 4], [31, 18]], 'red'), rect(22, 4, 4, 7, 'brown'), line([[16, 4], [31, 18]], 'orange', 1.6), line([[16, 4], [1, 18]], 'orange', 1.6)],
  kitchen: ['', rect(2, 17, 28, 13, 'brown', 1), rect(2, 15, 28, 3, 'pale', 0.8), rect(18, 19.6, 10, 9, 'dark', 1), rect(19.6, 22, 6.8, 5, 'amber', 0.6), line([[10, 20], [10, 28]], 'wood', 1), path('M19 10h8v4.600h-8z', 'sky'), line([[27, 11], [30.6, 10]], 'sky', 1.6), rect(3, 3, 10, 7, 'wood', 0.8)],
  garden: ['', rect(2, 20, 28, 10, 'leaf', 1), ...[4, 10, 16, 22].map((x) => path(`M${x} 21v-10l2.4 -2.4l2.4 2.4v10z`, 'cream')), rect(2, 13.6, 27, 2, 'pale'), circle(8, 23.6, 2, 'pink'), circle(15, 26, 2, 'amber'), circle(23, 23.6, 2, 'red'), circle(8, 23.6, 0.8, 'amber'), circle(23, 23.6, 0.8, 'amber')],
  bathroom: ['', path('M3 18h26q0 9 -6 10h-14q-6 -1 -6 -10z', 'pale'), rect(2, 16, 28, 3, 'light', 1.4), line('M6 16v-10q0 -3 3 -3t3 3', 'grey', 2), line([[9.6, 8], [14.4, 8]], 'grey', 2), ...[[18, 12, 2.6], [22, 9.6, 2], [24, 13, 1.8]].map(([x, y, r]) => circle(x, y, r, 'water'))],
  classroom: ['', rect(3, 2, 26, 13, 'wood', 1), rect(4.4, 3.4, 23.2, 10.2, 'green'), line([[8, 7], [16, 7]], 'white', 1.2), line([[8, 10], [13, 10]], 'white', 1.2), rect(4, 20, 10, 2.4, 'brown', 0.6), rect(18, 20, 10, 2.4, 'brown', 0.6), ...[5, 11.4, 19, 25.4].map((x) => rect(x, 22, 1.6, 8, 'wood'))],
  // Eating and drinking.
  bottle: ['water bottle', rect(12.6, 1.6, 6.8, 4, 'blue', 1), path('M13 6h6q0 3 3 5v17q0 2.4 -2.4 2.400h-7.200q-2.4 0 -2.4 -2.400v-17q3 -2 3 -5z', 'water'), rect(10, 15, 12, 8, 'sky')],
  crisps: ['crisp packet', path('M6 3h20l-1.6 3l2 20l-0.4 3h-20l-0.4 -3l2 -20z', 'red'), rect(6, 3, 20, 2.4, 'amber'), rect(6, 27, 20, 2.4, 'amber'), oval(13.6, 17, 5, 3.6, 'amber'), oval(19, 15, 4.6, 3.2, 'yellow'), oval(17.6, 20, 4.4, 3, 'amber')],
  yogurt: ['yoghurt', path('M7 9h18l-2.4 19q-0.2 2 -2.2 2h-8.800q-2 0 -2.2 -2z', 'rose'), rect(5.6, 6.6, 20.8, 3.4, 'pale', 1.4), circle(16, 19, 4, 'pink'), line([[20, 7], [26, 1.6]], 'grey', 1.8)],
  sausage: ['sausages, sausage', line('M5 12q11 6 22 0', 'brown', 6), line('M5 22q11 6 22 0', 'brown', 6), ...[[9, 12.6], [16, 14], [23, 12.6], [9, 22.6], [16, 24], [23, 22.6]].map(([x, y]) => line([[x - 1, y - 1.2], [x + 1, y + 1.2]], 'wood', 1))],
  ketchup: ['tomato sauce, sauce, red sauce', poly([[14.6, 2], [17.4, 2], [18.4, 7], [13.6, 7]], 'white'), rect(12, 6.6, 8, 3, 'pale', 1), path('M11 9.600h10q3 2 3 6v12q0 2.8 -2.8 2.800h-10.400q-2.8 0 -2.8 -2.800v-12q0 -4 3 -6z', 'red'), circle(16, 20, 4, 'cream'), circle(16, 20.4, 2.6, 'orange'), path('M14.4 17.600q1.6 1 3.2 0l-1.6 -1.600z', 'leaf')],
  jelly: ['', oval(16, 27, 13, 3, 'light'), path('M6 26q0 -14 4 -17q3 2 6 0q3 2 6 0q4 3 4 17z', 'pink'), line('M11 14q-1 5 -1 9', 'rose', 1.6)],
  jam: ['', rect(7, 9, 18, 20, 'pale', 3), rect(8.6, 14, 14.8, 13.4, 'red', 2), path('M5 9q1 -5 4 -5h14q3 0 4 5z', 'pink'), rect(11, 17, 10, 6, 'cream', 1), circle(16, 20, 1.8, 'red')],
  sugar: ['', path('M6 8h20v20q0 2 -2 2h-16q-2 0 -2 -2z', 'sky'), path('M6 8l4 -5h12l4 5z', 'water'), rect(10, 16, 5.6, 5.6, 'white', 0.6), rect(16.6, 16, 5.6, 5.6, 'pale', 0.6), rect(13.4, 22, 5.6, 5.6, 'white', 0.6)],
  // Babies, rain, sand.
  nappy: ['nappies, diaper', path('M2 8h28v6q-8 1 -9 12h-10q-1 -11 -9 -12z', 'pale'), rect(2, 8, 28, 3, 'light', 1), rect(3, 11.6, 5, 2.8, 'sky', 0.6), rect(24, 11.6, 5, 2.8, 'sky', 0.6)],
  pram: ['buggy, pushchair', path('M4 14a11 11 0 0 1 11 -11v11z', 'blue'), path('M4 14h22q0 9 -8 9h-6q-8 0 -8 -9z', 'sky'), line([[26, 14], [30, 8]], 'dark', 1.8), circle(10, 27, 3, 'ink'), circle(21, 27, 3, 'ink'), circle(10, 27, 1.2, 'light'), circle(21, 27, 1.2, 'light')],
  wellies: ['wellington boots, wellingtons, rubber boots', path('M4 4h8v15q6 1 6 6v3h-14z', 'leaf'), rect(4, 26.6, 14, 2.4, 'green', 0.8), rect(4, 4, 8, 2.6, 'green', 0.6), path('M17 2h8v15q6 1 6 6v3h-11v-5q-1 -3 -3 -4z', 'leaf'), rect(19.6, 24.6, 11.4, 2.4, 'green', 0.8), rect(17, 2, 8, 2.6, 'green', 0.6)],
  sandcastle: ['sand castle', rect(4, 18, 24, 9, 'amber'), rect(8, 10, 16, 10, 'amber'), ...[8, 13.6, 19.4].map((x) => rect(x, 7.4, 4.6, 4, 'amber')), ...[4, 23.4].map((x) => rect(x, 15.4, 4.6, 4, 'amber')), path('M13 27v-5a3 3 0 0 1 6 0v5z', 'brown'), line([[16, 8], [16, 1.6]], 'wood', 1), poly([[16, 1.6], [22, 3.6], [16, 5.6]], 'red'), line([[1, 28.4], [31, 28.4]], 'brown', 2)],
  bowl: ['dish', path('M2 13h28q0 14 -10 16h-8q-10 -2 -10 -16z', 'sky'), path('M2 13h28l-0.4 3h-27.200z', 'blue')],
  starfish: ['sea star', path('M16 1.600q2.400 0 3 3.600l1.400 6l7.600 0.400q3.600 0.400 3.600 2.600q0 1.800 -2.400 3.200l-5.600 3.800l2.200 6.400q0.800 3 -1.200 3.600q-1.800 0.600 -4 -1.600l-4.600 -4.600l-4.600 4.600q-2.200 2.200 -4 1.600q-2 -0.600 -1.200 -3.600l2.200 -6.400l-5.600 -3.800q-2.400 -1.400 -2.400 -3.200q0 -2.200 3.600 -2.600l7.600 -0.400l1.400 -6q0.600 -3.600 3 -3.600z', 'orange'), ...[[16, 7], [16, 11], [24, 14.400], [8, 14.400], [20, 22.600], [12, 22.600], [16, 17]].map(([x, y]) => circle(x, y, 1.1, 'amber'))],
  skirt: ['', path('M9 7h14l6 20q-13 4 -26 0z', 'pink'), rect(8.6, 4.6, 14.8, 3.6, 'purple', 1), line([[13, 10], [10.400, 26]], 'red', 0.9), line([[19, 10], [21.600, 26]], 'red', 0.9)],
  pyjamas: ['pajamas, nightclothes', path('M10 2l-7 4l1.6 9l3.600 -0.800v4.200h15.600v-4.200l3.600 0.800l1.6 -9l-7 -4l-6 4z', 'sky'), path('M8.600 19.600h14.800l1 11h-6.600l-1.800 -7l-1.800 7h-6.600z', 'sky'), ...[[12, 9], [20, 9], [12, 14.600], [20, 14.600], [11.400, 24.400], [20.600, 24.400]].map(([x, y]) => circle(x, y, 1.2, 'amber')), line([[16, 8], [16, 17]], 'blue', 0.8)],
  apron: ['', line('M11 9q-1 -7 5 -7t5 7', 'wood', 1.4), path('M10.600 8h10.800q0.600 5 4.600 6.400v14.600q0 1 -1 1h-18q-1 0 -1 -1v-14.600q4 -1.400 4.600 -6.400z', 'leaf'), line([[6, 16], [1.6, 18]], 'wood', 1.4), line([[26, 16], [30.4, 18]], 'wood', 1.4), rect(10.6, 19, 10.8, 7.4, 'green', 1)],
  splint: ['leg splint, ankle splint', line([[14, 2], [14, 23]], 'skin', 7), line([[14, 24.6], [24.6, 26]], 'skin', 5.6), line('M9.400 5v18q0 6.400 6 6.400h12.600', 'sky', 3), rect(8.4, 7, 11, 2.8, 'navy', 0.8), rect(8.4, 16, 11, 2.8, 'navy', 0.8), group([rect(-1.4, -5.6, 2.8, 9, 'navy', 0.8)], { move: [19, 27], turn: 8 })],
  tablet: ['my tablet', rect(5, 2, 22, 28, 'ink', 2.4), rect(7, 4.6, 18, 21.6, 'cream', 0.8), ...[0, 1, 2].flatMap((r) => [0, 1].map((c) => rect(8.6 + c * 7.6, 6.2 + r * 6.6, 6.6, 5.6, ['sky', 'pink', 'amber', 'leaf', 'purple', 'orange'][r * 2 + c], 0.8))), circle(16, 28.2, 0.9, 'light')],
  hall: ['school hall', poly([[2, 11], [16, 2], [30, 11]], 'red'), rect(3, 11, 26, 19, 'cream'), rect(11, 13, 10, 8, 'wood'), path('M11 13h4q0 6 -4 8z', 'red'), path('M21 13h-4q0 6 4 8z', 'red'), ...[0, 1].flatMap((r) => [0, 1, 2, 3].map((c) => rect(6 + c * 5.4, 23.400 + r * 3.4, 3.8, 1.6, 'blue', 0.6)))],
  problem: ['trouble, something is wrong', bust({ at: [16, 20], r: 6, mood: 'sad' }), path('M14.200 1h3.600l-0.600 7h-2.400z', 'red'), circle(16, 10.400, 1.600, 'red'), line([[7, 6], [10, 9]], 'orange', 1.8), line([[25, 6], [22, 9]], 'orange', 1.8)],
};
