// Words between people.
import { circle, faint, group, line, mirror, oval, path, poly, rect, small } from './draw.mjs';
import { arrow, ban, bubble, bust, cross, hand, head, heart, person, round, table, tick } from './parts.mjs';
import { other, walking } from './doing.mjs';

export const drawer = 'core-social';

const flag = (x, y, s = 1) => group([line([[0, 0], [0, 15]], 'wood', 1.6), ...[0, 1, 2].flatMap((r) => [0, 1, 2, 3].map((c) => rect(0.6 + c * 2.8, r * 2.6, 2.8, 2.6, (r + c) % 2 ? 'pale' : 'ink')))], { move: [x, y], scale: s });

export const symbols = {
  yes: ['yeah, yep, ok, okay', head({ at: [13.6, 18.6], r: 10.6, mood: 'wide' }), arrow([28, 4], [28, 12], { width: 2, size: 0.84 }), tick(25, 24.4, 0.9)],
  no: ['nope, no way', head({ at: [13.6, 18.6], r: 10.6, mood: 'flat' }), cross(25.6, 8, 4, 'red', 3.2)],
  please: ['may i please', bust({ at: [16, 9.6], r: 6.8, mood: 'happy' }), group([path('M0 -8.600q-3 2.4 -3 7v3h3z', 'skin'), path('M0 -8.600q3 2.4 3 7v3h-3z', 'shade'), poly([[0, 1], [-3.6, 0.4], [-6, 8], [6, 8], [3.6, 0.4]], 'blue')], { move: [16, 24.6] })],
  'thank-you': ['thanks, ta, thank you very much', bust({ at: [13, 12.6], r: 7, mood: 'happy', eyes: 'shut' }), hand('flat', { at: [24.6, 25], turn: -28, size: 0.92, reach: 4 }), arrow([22, 11], [30.4, 8.6], { width: 2, size: 0.9 })],
  hello: ['hi, hiya, good morning, wave', bust({ at: [11.6, 13.6], r: 7.2, mood: 'wide' }), hand('open', { at: [25.6, 21.6], turn: 10, size: 0.9, reach: 8 }), line('M29.6 7q1.6 1.6 1.6 4', 'orange', 1.4), line('M20.6 8.600q-1.2 1.6 -1 3.6', 'orange', 1.4)],
  goodbye: ['bye, bye bye, see you later', small(18.4, 17, 0.9, ...walking({ arms: [[[9, 10], [8, 4.6]], [[19, 15.4], [21.6, 17.6]]], look: 'left' })), arrow([26, 20], [31.4, 20], { width: 2.2, size: 0.86 }), line('M7.6 4q-2.4 2 -1.6 5', 'orange', 1.4), line('M4.6 3q-3 3 -2 7', 'orange', 1.4)],
  sorry: ['i am sorry, apologise', bust({ at: [16, 12], r: 7.6, mood: 'sad', look: 'down' }), hand('flat', { at: [25.6, 28.6], turn: -66, size: 0.98, reach: 3 })],
  'my-turn': ['its my turn, me first', small(11.4, 17, 0.96, ...person({ mood: 'wide', arms: [[[10.4, 19.5]], [[22.4, 17.6], [17.2, 15.2]]] })), small(26.6, 22.6, 0.5, ...faint(person({}))), arrow([27, 13], [16.6, 5], { by: [26, 2] })],
  'your-turn': ['its your turn, you go', small(7, 20.6, 0.6, ...faint(person({ arms: [[[10.4, 19.5]], [[24.6, 14]]] }))), small(22, 17, 0.96, ...other({ mood: 'wide' })), arrow([5, 11], [17.2, 4.6], { by: [7, 1] })],
  finished: ['all done, the end, finish, done, all finished, end', path('M2 30L12 17h8L30 30z', 'light'), line([[16, 29.6], [16, 27]], 'white', 1.4), line([[16, 24], [16, 22]], 'white', 1.2), flag(13, 1.4, 1.1)],
  again: ['once more, one more time', round(16, 16, 11.4, -60, 262, { width: 3.4, size: 1.35 }), circle(16, 16, 4.6, 'red'), circle(14.6, 14.6, 1, 'white')],
  'excuse-me': ['pardon', small(10, 17, 0.94, ...person({ arms: [[[10.4, 19.5]], [[22.6, 12], [22.6, 5]]], mood: 'open' })), bubble(18.6, 3, 11.6, 8), line([[22, 7], [27, 7]], 'orange', 1.6)],
  'well-done': ['good job, bravo', small(16, 17.6, 0.92, ...person({ mood: 'wide', arms: [[[8.6, 5]], [[23.4, 5]]] })), ...[[4, 8], [28, 8], [6, 20], [26, 20]].map(([x, y]) => path(`M${x} ${y - 3}l0.9 2.100l2.3 0.200l-1.7 1.500l0.5 2.200l-2 -1.200l-2 1.200l0.5 -2.200l-1.7 -1.500l2.3 -0.200z`, 'amber'))],
};
