// When things are: a line of time, a line of the day, a clock with what it is time for.
import { arrow, at, circle, dayLine, line, of, path, question, rays, rect, ring, round, timeLine } from './grammar.mjs';
import { tick } from './parts.mjs';

export const drawer = 'core-time';

const steps = (n, lit) => [...Array(n)].map((_, i) => rect(2 + i * (28 / n), 22 - i * (14 / n), 28 / n - 1.6, 8 + i * (14 / n), i === lit ? 'orange' : 'light', 0.8));

export const symbols = {
  morning: ['in the morning, a.m.', dayLine(0, 0.34)],
  midday: ['noon, lunchtime, middle of the day', dayLine(0.4, 0.6)],
  evening: ['in the evening, teatime, eve', dayLine(0.72, 1)],
  night: ['at night, nighttime, night-time', [rect(1, 1, 30, 30, 'navy', 3), at(18, 13, 0.6, 'crescent-moon'), [[6, 7], [9, 20], [25, 25], [27, 6]].map(([x, y]) => circle(x, y, 1, 'yellow')), path('M1 26q15 -4 30 0v2q0 3 -3 3h-24q-3 0 -3 -3z', 'ink')]],
  tonight: ['this evening', [...dayLine(0.8, 1, true), at(8, 9, 0.3, 'star')]],
  midnight: ['middle of the night', [rect(1, 1, 30, 30, 'navy', 3), circle(16, 16, 9, 'white'), line([[16, 16], [16, 9]], 'ink', 1.6), line([[16, 16], [16, 11]], 'ink', 2.2), at(25, 6, 0.24, 'crescent-moon')]],
  bedtime: ['time for bed, bed time', [at(15, 20, 0.74, 'bed'), at(25, 6, 0.36, 'crescent-moon')]],
  'home-time': ['hometime, time to go home', [at(22, 19, 0.6, 'house'), circle(8, 9, 6.4, 'navy'), circle(8, 9, 5, 'white'), line([[8, 9], [8, 5.6]], 'ink', 1), line([[8, 9], [10.4, 10.4]], 'ink', 1.2)]],
  'play-time': ['playtime, break, break time, recess, breaktime', [at(20, 19, 0.64, 'soccer-ball'), circle(8, 9, 6.4, 'navy'), circle(8, 9, 5, 'white'), line([[8, 9], [8, 5.6]], 'ink', 1), line([[8, 9], [10.4, 10.4]], 'ink', 1.2)]],
  'dinner-time': ['mealtime, time to eat, snack time', [at(20, 19, 0.64, 'fork-and-knife-with-plate'), circle(8, 9, 6.4, 'navy'), circle(8, 9, 5, 'white'), line([[8, 9], [8, 5.6]], 'ink', 1), line([[8, 9], [10.4, 10.4]], 'ink', 1.2)]],
  day: ['in the day, daytime, days, daily', [rect(1, 1, 30, 30, 'water', 3), circle(16, 14, 6, 'yellow'), rays(16, 14, 8, 11), path('M1 26q15 -4 30 0v2q0 3 -3 3h-24q-3 0 -3 -3z', 'leaf')]],
  week: ['weeks, this week', [rect(1, 8, 30, 18, 'white', 1), line([[1, 8], [31, 8], [31, 26], [1, 26], [1, 8]], 'light', 1.2), ['green', 'purple', 'amber', 'orange', 'sky', 'pink', 'red'].map((k, i) => rect(2.2 + i * 4, 12, 3.2, 12, k, 0.6))]],
  weekend: ['Saturday and Sunday', [['light', 'light', 'light', 'light', 'light', 'pink', 'red'].map((k, i) => rect(1.4 + i * 4.2, i > 4 ? 7 : 14, 3.4, i > 4 ? 20 : 13, k, 0.8)), line([[22, 29.6], [30, 29.6]], 'orange', 2)]],
  month: ['months, this month', [rect(2, 4, 28, 26, 'snow', 1.4), rect(2, 4, 28, 6, 'red', 1.4), [0, 1, 2, 3].flatMap((j) => [0, 1, 2, 3, 4, 5, 6].map((i) => rect(4 + i * 3.600, 12 + j * 4.4, 2.6, 3, 'light', 0.4)))]],
  year: ['years, this year, a year', [[[8, 8, 'leaf'], [24, 8, 'green'], [24, 24, 'orange'], [8, 24, 'pale']].map(([x, y, k]) => [rect(x - 1, y + 1, 2, 6, 'wood'), circle(x, y - 1, 4.4, k)]), round(16, 16, 4.6, -80, 250, { width: 1.8, size: 0.62 })]],
  season: ['seasons', [[[9, 9, 'rose'], [23, 9, 'green'], [23, 24, 'orange'], [9, 24, 'water']].map(([x, y, k]) => [rect(x - 6.6, y - 7, 13.2, 13.2, k === 'water' ? 'pale' : 'water', 1.4), rect(x - 0.8, y + 1, 1.6, 5, 'wood'), circle(x, y - 1, 3.6, k)])]],
  hour: ['an hour, hours', [circle(16, 16, 13, 'navy'), path('M16 16V5.600a10.400 10.400 0 1 1 -0.100 0z', 'orange'), line([[16, 16], [16, 7]], 'ink', 1.8), line([[16, 16], [20, 18]], 'ink', 2.2)]],
  minute: ['a minute, minutes', [circle(16, 16, 13, 'navy'), circle(16, 16, 10.6, 'white'), path('M16 16V5.400a10.600 10.600 0 0 1 3 0.450z', 'orange'), line([[16, 16], [16, 7]], 'ink', 1.6)]],
  'moment': ['second, a second, in a moment, instant, a moment', [at(16, 17, 0.84, 'stopwatch'), path('M16 19V12a7 7 0 0 1 2 0.300z', 'orange')]],
  halfway: ['half way, half-way', [line([[1, 22], [31, 22]], 'light', 3), line([[1, 22], [16, 22]], 'orange', 3.6), line([[16, 14], [16, 28]], 'dark', 2), arrow([2, 11], [14, 11], { width: 2.2, size: 0.9 })]],
  past: ['in the past, long ago, history, ancient', [...timeLine(2, 14), arrow([14, 10], [3, 10], { width: 2.6 })]],
  future: ['in the future, one day', [...timeLine(18, 30), arrow([18, 10], [29, 10], { width: 2.6 })]],
  ago: ['a while ago, before now', [...timeLine(7, 16), circle(7, 22, 3, 'orange'), arrow([15, 12], [8, 16], { by: [10, 8], width: 2.2, size: 0.9 })]],
  already: ['by now', [...timeLine(4, 14), tick(9, 12, 0.9)]],
  yet: ['not yet, still to come', [line([[1, 22], [31, 22]], 'light', 2.8), line([[16, 17], [16, 27]], 'dark', 1.8), circle(25, 22, 3, 'orange'), question(25, 9, 0.8)]],
  until: ['till', [line([[1, 22], [31, 22]], 'light', 2.8), line([[3, 22], [22, 22]], 'orange', 3.6), line([[23, 12], [23, 28]], 'red', 2.4), arrow([4, 13], [20, 13], { width: 2.2, size: 0.9 })]],
  since: ['from then on', [line([[1, 22], [31, 22]], 'light', 2.8), line([[8, 22], [30, 22]], 'orange', 3.6), line([[8, 12], [8, 28]], 'green', 2.4), arrow([10, 13], [28, 13], { width: 2.2, size: 0.9 })]],
  during: ['while it goes on', [line([[1, 22], [31, 22]], 'light', 2.8), rect(8, 16, 16, 10, 'amber', 1), circle(16, 21, 3, 'orange'), arrow([16, 4], [16, 15], { width: 2.2, size: 0.9 })]],
  while: ['at the same time, meanwhile', [line([[7, 3], [7, 29]], 'light', 1.4), line([[25, 3], [25, 29]], 'light', 1.4), line([[7, 11], [25, 11]], 'orange', 4), line([[7, 21], [25, 21]], 'sky', 4)]],
  still: ['it is still going, carry on being', [...timeLine(3, 24), arrow([16, 22], [30, 22], { width: 3.4 })]],
  ever: ['at any time', [line([[1, 22], [31, 22]], 'orange', 3.4), [5, 12, 20, 27].map((x) => arrow([x, 8], [x, 18], { width: 1.8, size: 0.66 }))]],
  sometimes: ['now and then, from time to time', [line([[1, 24], [31, 24]], 'light', 2.6), [6, 26].map((x) => circle(x, 24, 3.4, 'orange')), [12.6, 19.4].map((x) => circle(x, 24, 2.4, 'light'))]],
  often: ['a lot of the time, lots of times', [line([[1, 24], [31, 24]], 'light', 2.6), [4, 10, 16, 28].map((x) => circle(x, 24, 3, 'orange')), circle(22, 24, 2.4, 'light')]],
  rarely: ['hardly ever, not often, seldom, rare', [line([[1, 24], [31, 24]], 'light', 2.6), [4, 10, 22, 28].map((x) => circle(x, 24, 2.4, 'light')), circle(16, 24, 3.4, 'orange')]],
  once: ['one time', [circle(16, 16, 9, 'orange'), line([[15, 12], [17, 11], [17, 21]], 'white', 2)]],
  twice: ['two times', [circle(8.6, 16, 7, 'orange'), circle(23.4, 16, 7, 'orange')]],
  soon: ['very soon, in a bit', [line([[1, 22], [31, 22]], 'light', 2.8), line([[10, 17], [10, 27]], 'dark', 1.8), circle(16, 22, 3.4, 'orange'), arrow([10, 12], [16, 17], { by: [15, 9], width: 2, size: 0.8 })]],
  date: ['what day is it', [rect(3, 4, 26, 26, 'snow', 1.4), rect(3, 4, 26, 7, 'red', 1.4), ring(16, 20, 5, 5, 2.2), rect(14, 18, 4, 4, 'orange', 0.6)]],
  age: ['how old', [at(14, 19, 0.7, 'birthday-cake'), question(27, 10, 0.8)]],
  third: ['number three, 3rd', steps(4, 2)],
  fourth: ['number four, 4th', steps(4, 3)],
  'second/in-order': ['number two, 2nd', steps(4, 1)],
};
