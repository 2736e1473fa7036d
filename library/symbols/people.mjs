// Who: the speaking child wears sky blue. Others stand by faintly, and an arrow or the colour tells who is meant.
import { circle, faint, group, line, mirror, oval, path, poly, rect, small } from './draw.mjs';
import { arrow, ball, box, bust, chair, head, heart, house, person, question, recolour } from './parts.mjs';

export const drawer = 'core-who';

const him = (more = {}) => person({ shirt: 'green', ...more });
const her = (more = {}) => person({ shirt: 'pink', hair: 'long', skirt: true, ...more });
const other = (more = {}) => person({ shirt: 'purple', ...more });
const pointing = (more = {}) => person({ arms: [[[10.4, 19.5]], [[24.6, 12.6]]], ...more });
const old = (parts) => recolour(parts, { hair: 'pale' });
const grown = (parts, child) => [small(12, 15.6, 0.98, ...parts), small(24.6, 20.6, 0.66, ...child)];
const glasses = (x, y, r) => [line(`M${x - r * 0.75} ${y}a${r * 0.33} ${r * 0.33} 0 1 0 ${r * 0.66} 0a${r * 0.33} ${r * 0.33} 0 1 0 ${-r * 0.66} 0`, 'ink', 0.6), line(`M${x + r * 0.09} ${y}a${r * 0.33} ${r * 0.33} 0 1 0 ${r * 0.66} 0a${r * 0.33} ${r * 0.33} 0 1 0 ${-r * 0.66} 0`, 'ink', 0.6)];
const holding = (x, who) => [small(x, 16, 0.98, ...who({ arms: [[[9.6, 17.4], [14.4, 18.4]], [[22.4, 17.4], [17.6, 18.4]]] })), ball(x, 17.2, 3.9), line([[x - 2.8, 19.4], [x - 1.2, 20.2]], 'skin', 2.2), line([[x + 2.8, 19.4], [x + 1.2, 20.2]], 'skin', 2.2)];
const twoBy = (x = 5.4) => [small(x, 20, 0.6, ...faint(person({})))];

export const symbols = {
  i: ['me, myself, self', small(14, 16, 1, ...person({ arms: [[[10.4, 19.5]], [[22.4, 17.6], [17.2, 15.2]]] })), arrow([30, 4.6], [19.6, 13.4], { by: [30, 13.4] })],
  you: ['yourself, yourselves', small(6.6, 18.4, 0.78, ...faint(pointing())), arrow([10, 3.6], [18.6, 5]), small(24.8, 16, 0.98, ...other())],
  he: ['him, himself', twoBy(4.6), small(11.6, 20, 0.6, ...faint(pointing())), arrow([12, 6], [18.6, 6]), small(24, 16, 0.98, ...him())],
  she: ['her, herself', twoBy(4.6), small(11.6, 20, 0.6, ...faint(pointing())), arrow([12, 6], [18.6, 6]), small(24, 16, 0.98, ...her())],
  it: ['itself, thing', small(7.4, 17, 0.86, ...faint(pointing())), arrow([14.4, 10], [20.4, 15]), box(18, 17, 12, 12.6, 'amber')],
  we: ['us, together, both of us, ourselves', small(9.4, 16, 0.95, ...person({ arms: [[[10.4, 19.5]], [[23.4, 13.4]]] })), small(22.6, 16, 0.95, ...other({ arms: [[[8.6, 13.4]], [[21.6, 19.5]]] })), line('M3 2.4q13 -3.4 26 0', 'orange', 1.8)],
  they: ['them, those people', small(5.6, 19, 0.68, ...faint(pointing())), arrow([7.6, 6.6], [13.4, 6.6]), small(17.8, 16.4, 0.86, ...her()), small(26.6, 16.4, 0.86, ...him())],
  my: ['mine, my own, belongs to me', person({ arms: [[[9.6, 17.4], [14.4, 18.4]], [[22.4, 17.4], [17.6, 18.4]]] }), ball(16, 17.4, 4.2), line([[13, 19.8], [14.8, 20.6]], 'skin', 2.4), line([[19, 19.8], [17.2, 20.6]], 'skin', 2.4)],
  your: ['yours, belongs to you, thy', small(6.4, 18, 0.76, ...faint(pointing())), arrow([12, 4.4], [18.4, 4.4]), small(23.6, 16, 0.98, ...other({ arms: [[[9.6, 17.4], [14.4, 18.4]], [[22.4, 17.4], [17.6, 18.4]]] })), ball(23.6, 17.2, 3.9), line([[20.8, 19.4], [22.4, 20.2]], 'skin', 2.2), line([[26.4, 19.4], [24.8, 20.2]], 'skin', 2.2)],
  mum: ['mummy, mother, mom, mam, mama, mamma, ma', grown(her({ arms: [[[10.4, 19.5]], [[23, 19.5]]] }), person({ arms: [[[8, 14.6]], [[21.6, 19.5]]] })), heart(24.6, 6, 0.6)],
  dad: ['daddy, father, papa, pa, dada', grown(him({ arms: [[[10.4, 19.5]], [[23, 19.5]]] }), person({ arms: [[[8, 14.6]], [[21.6, 19.5]]] })), heart(24.6, 6, 0.6)],
  grandma: ['granny, grandmother, gran, nan, nana', old(grown(her({ shirt: 'purple', hair: 'bun', arms: [[[10.4, 19.5]], [[23, 19.5]]] }), [])), small(24.6, 20.6, 0.66, ...person({ arms: [[[8, 14.6]], [[21.6, 19.5]]] })), glasses(12, 6.2, 3.9), heart(24.6, 6, 0.6)],
  grandpa: ['grandad, grandfather, gramps, grampa', line('M3.4 29.6v-11q0 -2 2 -2', 'wood', 1.6), old(grown(him({ shirt: 'brown', trousers: 'dark', arms: [[[9, 16.6]], [[23, 19.5]]] }), [])), small(24.6, 20.6, 0.66, ...person({ arms: [[[8, 14.6]], [[21.6, 19.5]]] })), path('M9.8 8.6q2.2 -1.4 4.4 0q-0.6 1 -2.2 0.4q-1.6 0.6 -2.2 -0.4z', 'pale'), glasses(12, 6.2, 3.9), heart(24.6, 6, 0.6)],
  brother: ['big brother, little brother', path('M2 13.4L16 1.6L30 13.4h-3L16 4.4L5 13.4z', 'red'), small(10, 20.4, 0.7, ...faint(person({}))), small(21.6, 18.6, 0.82, ...him())],
  sister: ['big sister, little sister', path('M2 13.4L16 1.6L30 13.4h-3L16 4.4L5 13.4z', 'red'), small(10, 20.4, 0.7, ...faint(person({}))), small(21.6, 18.6, 0.82, ...her())],
  friend: ['mate, pal, best friend, friends, playmate', small(9.4, 17, 0.9, ...person({ arms: [[[10.4, 19.5]], [[20, 17], [24, 18.6]]] })), small(22.6, 17, 0.9, ...other({ arms: [[[12, 17], [8, 18.6]], [[21.6, 19.5]]] })), heart(16, 6.4, 0.62)],
  teacher: ['teaching', rect(10.5, 2, 20, 14, 'wood', 1), rect(11.7, 3.2, 17.6, 11.6, 'green'), line([[19, 7], [26.4, 7]], 'white', 1.2), line([[19, 10.4], [24, 10.4]], 'white', 1.2), small(9.6, 16.4, 0.94, ...her({ shirt: 'purple', arms: [[[10.4, 19.5]], [[24, 11]]] })), small(23.4, 22.6, 0.55, ...person({ look: 'back' }))],
  family: ['everybody at home', small(7.6, 15.6, 0.84, ...her()), small(24.2, 15.6, 0.84, ...him()), small(16, 20.4, 0.62, ...person({}))],
  everyone: ['everybody, people, all of us, group, folks', small(6.6, 13, 0.6, ...him()), small(16, 13, 0.6, ...other()), small(25.4, 13, 0.6, ...her()), small(11.4, 20.4, 0.66, ...person({ shirt: 'orange' })), small(20.8, 20.4, 0.66, ...person({}))],
  somebody: ['someone, anybody, person, anyone', small(7, 17, 0.7, ...faint(person({}))), small(25, 17, 0.7, ...faint(person({}))), recolour(other({ eyes: 'none', mood: 'none', hair: 'none', ears: false }), { skin: 'grey' })],
  his: ['belongs to him', twoBy(4.6), small(11.6, 20, 0.6, ...faint(pointing())), arrow([12, 4.6], [18.6, 4.6]), holding(24, him)],
  hers: ['her, belongs to her', twoBy(4.6), small(11.6, 20, 0.6, ...faint(pointing())), arrow([12, 4.6], [18.6, 4.6]), holding(24, her)],
  our: ['ours, belongs to us', small(8.6, 16, 0.95, ...person({ arms: [[[10.4, 19.5]], [[22.6, 19]]] })), small(23.4, 16, 0.95, ...other({ arms: [[[9.4, 19]], [[21.6, 19.5]]] })), ball(16, 20.4, 4.4)],
  their: ['theirs, belongs to them', small(5.2, 19, 0.66, ...faint(pointing())), arrow([6.6, 6.4], [12.4, 6.4]), small(16.4, 16.4, 0.84, ...her({ arms: [[[10.4, 19.5]], [[22, 19.4]]] })), small(27, 16.4, 0.84, ...him({ arms: [[[10, 19.4]], [[21, 19.5]]] })), ball(21.6, 20.4, 3.6)],
  nobody: ['no one, no-one', faint(person({ eyes: 'none', mood: 'none' })), line([[5, 27], [27, 5]], 'red', 3), line([[5, 5], [27, 27]], 'red', 3)],
};
