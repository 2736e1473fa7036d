// More little words: the one thing each adds to a scene.
import { arrow, at, circle, cross, faint, heart, line, of, person, rect, ring, small } from './grammar.mjs';
import { ball, cup, tick } from './parts.mjs';

export const drawer = 'core-little';

export const symbols = {
  without: ['with none, have no', [cup(9, 20, 1.4), ball(25, 10, 4.4, 'light'), cross(25, 10, 5, 'red', 2.4)]],
  instead: ['in place of', [faint(ball(8, 22, 5)), rect(19, 15, 11, 11, 'sky', 1), cross(8, 22, 5, 'red', 2.4), arrow([9, 12], [24, 12], { by: [16, 1], width: 2.4 })]],
  else: ['other than that', [faint(ball(8, 20, 5)), [[20, 10, 'sky'], [27, 18, 'leaf'], [20, 26, 'amber']].map(([x, y, k]) => circle(x, y, 3.2, k)), arrow([11, 9], [17, 10], { width: 1.8, size: 0.7 })]],
  except: ['all but, apart from', [[[6, 8], [16, 8], [26, 8], [6, 18], [26, 18], [6, 28], [16, 28], [26, 28]].map(([x, y]) => circle(x, y, 3, 'red')), circle(16, 18, 3, 'light'), cross(16, 18, 3.4, 'red', 1.8)]],
  unless: ['if not', [line([[16, 31], [16, 20]], 'grey', 3.6), line('M16 20Q16 13 7 9', 'grey', 3.6), line('M16 20Q16 13 25 9', 'grey', 3.6), cross(25.6, 6, 3.4, 'red', 2.4), tick(6, 6, 0.6)]],
  though: ['although, even though', [at(9, 20, 0.5, 'cloud-with-rain'), at(24, 20, 0.46, 'umbrella'), line('M9 10q7 -8 15 0', 'orange', 2)]],
  so: ['that is why, therefore', [at(7, 16, 0.4, 'cloud-with-rain'), arrow([14, 16], [20, 16], { width: 2.6 }), at(26, 16, 0.36, 'umbrella')]],
  even: ['even numbers, level', [[8, 16, 24].map((x) => [circle(x, 11, 3.2, 'sky'), circle(x, 21, 3.2, 'sky')]), line([[3, 27], [29, 27]], 'orange', 2)]],
  just: ['only just, simply', [[6, 26].map((x) => faint(ball(x, 17, 4))), ball(16, 17, 4.6), ring(16, 17, 7)]],
  own: ['my own, mine', [small(10, 17, 0.9, ...person({ arms: [[[9, 17], [14, 18.4]], [[22, 17], [18, 18.4]]] })), at(10.4, 17, 0.2, 'teddy-bear'), heart(26, 8, 0.8)]],
  should: ['ought to, supposed to', [small(8, 17, 0.9, ...person({ look: 'right' })), rect(15, 5, 15, 20, 'white', 1), line([[15, 5], [30, 5], [30, 25], [15, 25], [15, 5]], 'light', 1.2), tick(22.400, 14, 1)]],
  such: ['like this, such a', [ball(8, 16, 5), arrow([14, 16], [19, 16], { width: 2 }), [[24, 11], [28, 17], [24, 23]].map(([x, y]) => circle(x, y, 2.6, 'red'))]],
  as: ['like, same as, similar', [ball(8, 16, 5), ball(24, 16, 5), line('M12 10q4 -4 8 0', 'orange', 2), line('M12 22q4 4 8 0', 'orange', 2)]],
};
