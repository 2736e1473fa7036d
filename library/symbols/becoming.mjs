// What becomes of things: before, an arrow, after.
import { arrow, at, change, circle, faint, grows, ground, head, line, of, oval, path, person, poly, rays, rect, ring, small, swatch } from './grammar.mjs';
import { ball, cup, drops, glass, round } from './parts.mjs';

export const drawer = 'core-do';

const drip = (x, y, r = 1) => drops([x, y, r]);
const candleLow = [rect(10, 22, 12, 8, 'cream', 1), oval(16, 30, 11, 2, 'light'), line([[16, 22], [16, 19]], 'ink', 1.2), path('M16 8q4 5 4 7.600a4 4 0 0 1 -8 0q0 -2.600 4 -7.600z', 'orange')];
const half = (x, way) => [path(way < 0 ? `M${x} 8q-12 -2 -12 9q0 9 9 11l-1 -6l4 -4l-3 -4z` : `M${x} 8q12 -2 12 9q0 9 -9 11l1 -6l-4 -4l3 -4z`, 'sky')];
const cupBroken = [...half(14, -1), ...half(18, 1), line([[15.4, 4], [17, 2]], 'orange', 1.4), line([[10, 4], [8, 2]], 'orange', 1.4), line([[22, 4], [24, 2]], 'orange', 1.4)];
const wholeCup = cup(16, 16, 2);
const lolly = [rect(10, 3, 12, 18, 'red', 5), rect(14.4, 21, 3.2, 9, 'amber', 1)];
const paper = rect(7, 4, 18, 24, 'white');
const sheetOf = [rect(6, 3, 20, 26, 'pale'), line([[10, 9], [22, 9]], 'grey', 1.4), line([[10, 14], [22, 14]], 'grey', 1.4), line([[10, 19], [18, 19]], 'grey', 1.4)];
const crumpled = [path('M7 9l8 -4l9 4l2 9l-5 8l-10 1l-6 -8z', 'pale'), line([[10, 12], [16, 16], [22, 11]], 'grey', 1.3), line([[11, 21], [16, 16], [20, 22]], 'grey', 1.3)];
const shut = [rect(5, 8, 22, 20, 'amber', 1), rect(5, 8, 22, 4, 'brown', 1)];
const openBox = [poly([[5, 12], [27, 12], [24, 5], [8, 5]], 'wood'), rect(5, 12, 22, 17, 'amber', 1), poly([[5, 12], [1, 6], [6, 4], [9, 11]], 'brown'), poly([[27, 12], [31, 6], [26, 4], [23, 11]], 'brown')];
const lit = [circle(16, 13, 9, 'yellow'), rect(12, 21, 8, 6, 'grey', 1), rays(16, 13, 11, 14, [180, 225, 270, 315, 0])];
const unlit = [circle(16, 13, 9, 'light'), rect(12, 21, 8, 6, 'grey', 1)];

export const symbols = {
  grow: ['growing, grew, grown, get bigger', [at(6.4, 24, 0.36, 'seedling'), at(21.6, 17.4, 0.8, 'deciduous-tree'), arrow([4, 15], [12, 5], { by: [4, 7], width: 2.2, size: 0.9 })]],
  'grow-up': ['growing up', [small(7, 23, 0.48, ...person({})), small(22, 16, 0.96, ...person({})), arrow([4, 13], [14, 5], { by: [4, 6], width: 2.2, size: 0.9 })]],
  shrink: ['get smaller, shrinking', [at(10, 17, 0.72, 't-shirt'), at(26, 25, 0.3, 't-shirt'), arrow([19, 8], [26, 18], { by: [26, 9], width: 2.2, size: 0.9 })]],
  burn: ['burning, on fire, burnt, burned', [of('wood'), at(16, 12, 0.7, 'fire')]],
  melt: ['melting, melted', change('snowman-without-snow', [oval(16, 25, 14, 5, 'water'), circle(12, 23, 2, 'ink'), circle(18, 23.6, 2, 'ink'), poly([[20, 24], [26, 25], [20, 26.4]], 'orange')])],
  freeze: ['freezing, frozen, froze', change([drip(16, 16, 3.4)], 'ice')],
  smash: ['smashed, shatter, crash', [[[13, 12, 9, 4, 17, 6], [20, 8, 24, 6, 24, 13], [22, 18, 27, 17, 24, 24], [16, 21, 18, 27, 12, 26], [10, 18, 5, 22, 5, 15]].map(([a, b, c, d, e, f]) => poly([[a, b], [c, d], [e, f]], 'sky')), poly([[14, 14], [19, 13], [19, 18], [14, 19]], 'sky'), rays(16, 16, 12.6, 15.4, [20, 70, 110, 160, 200, 250, 340], 'orange', 1.8), ground(31)]],
  'crack': ['cracked, crack in it', [oval(16, 17, 11, 13.6, 'cream'), line([[14, 4], [18, 10], [13, 14], [18, 19]], 'ink', 1.6)]],
  become: ['becoming, turn into, turns into, became', [circle(6.600, 18, 5, 'light'), circle(25, 16, 6, 'orange'), arrow([12.4, 17], [18.6, 17], { width: 2.6, size: 1 }), line('M4 10q10 -10 21 -2', 'orange', 1.8)]],
  boil: ['boiling, boiled', [at(16, 20, 0.7, 'pot'), [9, 16, 23].map((x) => line(`M${x} 10q-2 -2.400 0 -4.800t0 -4`, 'grey', 1.6)), [[12, 14], [16, 13], [20, 14]].map(([x, y]) => circle(x, y, 1.6, 'water'))]],
  fry: ['frying, fried', [at(15, 20, 0.86, 'cooking'), line('M9 7q-2 -2 0 -4', 'grey', 1.5), line('M15 6q-2 -2 0 -4', 'grey', 1.5), line('M21 7q-2 -2 0 -4', 'grey', 1.5)]],
  roast: ['roasting', [rect(2, 3, 28, 27, 'grey', 2), rect(2, 3, 28, 5, 'dark', 2), rect(5, 11, 22, 16, 'ink', 1.4), at(16, 19, 0.44, 'poultry-leg'), line([[7, 25.4], [25, 25.4]], 'orange', 1.6)]],
  'make-toast': ['toasting', change([rect(5, 6, 22, 22, 'cream', 4)], [rect(5, 6, 22, 22, 'brown', 4), rect(7.4, 8.4, 17.2, 17.2, 'amber', 3)])],
  heat: ['warm up, heat up, warming', [at(16, 17, 0.6, 'glass-of-milk'), path('M6 31q1 -4 4 -3q1 -3 3 0q1.600 -3 3 0q1.600 -3 3 0q1.600 -3 3 0q3 -1 4 3z', 'orange'), line('M12 6q-2 -2 0 -4', 'orange', 1.6), line('M19 6q-2 -2 0 -4', 'orange', 1.6)]],
  'cool/get-colder': ['cool down, cooler, cooling', [at(16, 20, 0.66, 'hot-beverage'), at(24.600, 7, 0.36, 'snowflake'), arrow([7, 2], [7, 12], { width: 2.2, size: 0.9 })]],
  fold: ['folding, folded, crease', [poly([[3, 22], [20, 22], [28, 28], [9, 28]], 'pale'), poly([[3, 22], [20, 22], [25, 9], [9, 9]], 'water'), arrow([27, 8], [28, 22], { by: [31, 14], width: 2.2, size: 0.9 })]],
  bend: ['bending, bent', [line('M4 27q0 -19 12 -19t12 19', 'amber', 4), arrow([10, 3], [4, 12], { by: [5, 4], width: 2, size: 0.8 }), arrow([22, 3], [28, 12], { by: [27, 4], width: 2, size: 0.8 })]],
  stretch: ['stretching, pull it long', [rect(2, 13, 28, 5, 'pink', 2.4), faint(rect(10, 5, 12, 5, 'pink', 2.4)), arrow([13, 25], [3, 25], { width: 2.4 }), arrow([19, 25], [29, 25], { width: 2.4 })]],
  'squash/flatten': ['crush, flatten, squashed, squish', [oval(16, 25, 13, 4, 'red'), arrow([16, 2], [16, 18], { width: 3.4, size: 1.2 }), line([[2, 30], [30, 30]], 'grey', 1.8)]],
  crumple: ['screw up, crumpled', change(sheetOf, crumpled)],
  spread: ['spreading', [rect(4, 12, 22, 17, 'cream', 3), path('M7 16q6 -3 12 0t4 6q-8 5 -16 2z', 'red'), line([[14, 18], [29, 4]], 'grey', 2.4), line([[22, 10.6], [30, 3]], 'wood', 3)]],
  scatter: ['scattered, spread out', [[[4, 5], [16, 3], [28, 6], [3, 17], [29, 18], [6, 28], [17, 29], [27, 28]].map(([x, y]) => circle(x, y, 2.2, 'red')), [[0, 45], [1, 90], [2, 135], [3, 180], [4, 225], [5, 270], [6, 315], [7, 0]].map(([, a]) => line([[16 + 4 * Math.cos((a * Math.PI) / 180), 16 + 4 * Math.sin((a * Math.PI) / 180)], [16 + 8 * Math.cos((a * Math.PI) / 180), 16 + 8 * Math.sin((a * Math.PI) / 180)]], 'orange', 1.8))]],
  chop: ['chopping, chopped', [rect(2, 24, 28, 4, 'brown', 1), [4, 9, 14].map((x) => oval(x + 2, 22, 2, 3.4, 'orange')), path('M17 19h9q4 3 0 6h-9z', 'orange'), path('M17 4h9v12l-9 5z', 'light'), rect(19.600, 0.6, 4, 5, 'wood', 1)]],
  peel: ['peeling, peeled', [at(16, 17, 0.9, 'banana'), arrow([24, 4], [29, 16], { by: [30, 7], width: 2.2, size: 0.9 })]],
  grate: ['grating', [at(13, 16, 0.84, 'grater'), at(26, 13, 0.3, 'cheese-wedge'), arrow([30, 18], [30, 27], { width: 2, size: 0.8 })]],
  fill: ['filling, filled, fill up, fill it', [glass(13, 19, 1.6, 0.6, 'sky'), arrow([27, 29], [27, 12], { width: 2.6 }), line('M13 1v6', 'sky', 2.6)]],
  soak: ['soaking, soaked, drench', [rect(3, 16, 26, 13, 'water', 3), at(16, 18, 0.5, 'socks'), line('M3 18q3 -2 6 0t6 0t6 0t8 0', 'sky', 1.8)]],
  'drain/empty': ['draining, empty out', [path('M3 8h26q-1 14 -10 15h-6q-9 -1 -10 -15z', 'light'), path('M6 15h20q-2 7 -8 7h-4q-6 0 -8 -7z', 'water'), line([[16, 23], [16, 30]], 'sky', 2.6), arrow([26, 22], [26, 30], { width: 2, size: 0.8 })]],
  leak: ['leaking, drip, dripping', [at(16, 13, 0.72, 'water-tap'), drip(22, 23, 1), drip(22, 29, 0.8)]],
  evaporate: ['dry up, dry off, drying', [oval(15, 26, 12, 3.4, 'water'), circle(24, 7, 3.4, 'yellow'), rays(24, 7, 4.6, 6.2), [7, 12.6, 18.4].map((x) => line(`M${x} 21q-2 -2.400 0 -4.800t0 -4.800`, 'sky', 1.6))]],
  rot: ['rotten, go off, mouldy, bad food', [at(16, 17, 0.86, [path('M16 8C12 5 5 6 5 15C5 23 10 29 13 29Q15 29 16 28Q17 29 19 29C22 29 27 23 27 15C27 6 20 5 16 8Z', 'wood'), circle(12, 17, 3, 'leaf'), circle(20, 22, 2.4, 'leaf'), line([[16, 8], [17, 3]], 'ink', 1.6)]), line('M4 8q-2 -2 0 -4', 'green', 1.4), line('M28 8q-2 -2 0 -4', 'green', 1.4)]],
  rust: ['rusty', [at(16, 16, 0.94, 'nail'), line([[11.6, 21.6], [16.4, 15.4]], 'orange', 3), line([[19.4, 11.6], [21.4, 9]], 'orange', 3), [[10, 27], [14.6, 28.4], [18.6, 26.6]].map(([x, y]) => circle(x, y, 1.2, 'orange'))]],
  ripen: ['ripe, get ripe', change('green-apple', 'red-apple')],
  die: ['died, dying, wilt', change('rose', 'wilted-flower')],
  appear: ['appearing, turn up, show up', change(faint(...ball(16, 16, 10)), ball(16, 16, 10))],
  disappear: ['vanish, disappearing, gone', change(ball(16, 16, 10), [line('M6 16a10 10 0 1 0 20 0a10 10 0 1 0 -20 0', 'light', 1.6)])],
  'light-up': ['switch on, turn on the light, lights on, lit, lighting', change(unlit, lit)],
  'switch-off': ['lights out, turn off the light, turn off', change(lit, unlit)],
  'pack/bag': ['packing, packed, pack up', [at(16, 21, 0.66, 'luggage'), at(8, 6, 0.3, 't-shirt'), arrow([15, 4], [18, 11], { by: [18, 4], width: 2.2, size: 0.8 })]],
  unpack: ['unpacking', [at(14, 21, 0.66, 'luggage'), at(25, 6, 0.3, 't-shirt'), arrow([15, 12], [21, 5], { by: [15, 5], width: 2.2, size: 0.8 })]],
  wrap: ['wrap up, wrapping', change('teddy-bear', 'wrapped-gift')],
  unwrap: ['unwrapping, open a present', change('wrapped-gift', 'teddy-bear')],
  'open-up': ['unfold, opening', change(shut, openBox)],
  'tie/knot': ['tying, tied, tie a knot, tie up', [at(16, 16, 0.94, 'lace')]],
  untie: ['untied, undo, undone', change('lace', [line('M4 20q8 -8 12 0t12 -4', 'red', 3)])],
  unlock: ['unlocking', change('locked', 'unlocked')],
  undress: ['get undressed, take clothes off, undressing', [small(10, 17, 0.9, ...person({ shirt: 'pale', trousers: 'light' })), at(25, 10, 0.36, 't-shirt'), at(25, 23, 0.34, 'jeans'), arrow([15, 12], [20.4, 9], { width: 2, size: 0.8 })]],
  shave: ['shaving', [head({ at: [14, 17], r: 11, mood: 'none' }), path('M4 19q0 9 10 9t10 -9q-3 2 -6 2h-8q-3 0 -6 -2z', 'snow'), at(26, 21, 0.36, 'razor')]],
  'blow-up': ['inflate, pump up', change(at(16, 16, 0.4, 'balloon'), 'balloon')],
  burst: ['pop, popped, pop a balloon', [rays(16, 14, 9, 13, [20, 65, 115, 160, 200, 245, 295, 340], 'orange', 2.2), poly([[16, 13], [10, 5], [19, 7]], 'red'), poly([[17, 14], [24, 10], [23, 18]], 'red'), poly([[15, 15], [21, 20], [13, 21]], 'red'), poly([[14, 14], [9, 18], [8, 11]], 'red'), line('M16 21q-3 4 0 6t0 4', 'dark', 1.2)]],
  'sink/go-down': ['sinking, sank, go under', [path('M1 14q3.750 -2.400 7.500 0t7.500 0t7.500 0t7.500 0v17h-30z', 'sky'), at(13, 21, 0.36, 'rock'), arrow([24, 4], [24, 24], { width: 2.8 })]],
  float: ['floating, floats', [at(14, 9.600, 0.46, 'baby-chick'), path('M1 16q3.750 -2.400 7.500 0t7.500 0t7.500 0t7.500 0v15h-30z', 'sky'), arrow([26, 28], [26, 8], { width: 2.4 })]],
  build: ['building, built, construct', [[[4, 22], [13, 22], [8.600, 14]].map(([x, y], i) => rect(x, y, 8, 7.4, ['red', 'sky', 'amber'][i], 0.8)), arrow([26, 29], [26, 8], { width: 2.6 }), rect(9, 3, 8, 7.4, 'leaf', 0.8)]],
  destroy: ['knock down, wreck, ruin, destruction', [[[3, 24], [10, 25], [17, 23], [8, 18]].map(([x, y], i) => rect(x, y, 6.6, 6, ['red', 'sky', 'amber', 'leaf'][i], 0.8)), circle(25, 12, 5, 'dark'), line([[25, 7], [22, 0.6]], 'dark', 1.6), line([[13, 12], [17, 12]], 'orange', 1.8), line([[12, 16], [14, 18]], 'orange', 1.8)]],
  repair: ['mend, fix it, mended', change('broken-heart', 'red-heart')],
  dig: ['digging, dug', [path('M1 22h30v9h-30z', 'brown'), oval(12, 22, 8, 3, 'ink'), at(16, 13, 0.7, 'spade'), path('M22 22q3 -7 9 0z', 'wood')]],
  'plant-a-seed': ['planting, sow, put in the ground, plant', [path('M1 20h30v11h-30z', 'brown'), oval(16, 20, 6, 2, 'ink'), at(16, 9.4, 0.56, 'seedling'), arrow([25, 5], [25, 18], { width: 2.4 })]],
  'water-the-plants': ['watering, give it water, water', [at(11, 12, 0.62, 'watering-can'), at(25, 24, 0.4, 'seedling')].flat().concat([])],
  bury: ['buried', [path('M1 16h30v15h-30z', 'brown'), at(16, 24, 0.34, 'bone'), arrow([16, 4], [16, 17], { width: 2.4 })]],
  'spoil/damage': ['', [at(15, 17, 0.84, sheetOf), path('M8 16q3 -6 8 -3q7 -1 6 6q0 6 -8 5q-7 0 -6 -8z', 'ink')]],
  sharpen: ['sharpening', change([rect(12, 2, 8, 22, 'amber'), path('M12 24h8v3q-4 2 -8 0z', 'cream')], [rect(12, 2, 8, 18, 'amber'), poly([[12, 20], [20, 20], [16, 30]], 'cream'), poly([[14.600, 26.4], [17.4, 26.4], [16, 30]], 'ink')])],
  cover: ['covered, cover up', [...ball(16, 21, 6), path('M3 29q-1 -16 13 -17q14 1 13 17q-3 -3 -6 0q-3 -3 -7 0q-3 -3 -7 0q-3 -3 -6 0z', 'sky'), arrow([16, 1], [16, 9.6], { width: 2.4, size: 0.9 })]],
  attach: ['stick on, fasten, join up, connect', [rect(2, 12, 13, 10, 'sky', 1), rect(17, 12, 13, 10, 'amber', 1), rect(12, 15, 8, 4, 'red', 1), arrow([4, 6], [12, 9], { by: [9, 4], width: 2, size: 0.8 }), arrow([28, 6], [20, 9], { by: [23, 4], width: 2, size: 0.8 })]],
  separate: ['split, come apart', [rect(1, 11, 11, 11, 'sky', 1), rect(20, 11, 11, 11, 'amber', 1), arrow([14, 27], [4, 27], { width: 2.2, size: 0.9 }), arrow([18, 27], [28, 27], { width: 2.2, size: 0.9 }), line([[16, 5], [16, 24]], 'grey', 1.4)]],
};
