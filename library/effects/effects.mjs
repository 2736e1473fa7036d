// The sound effects, each a few lines: what it is called, what else it is looked for by, in which drawer it lies, and how it is made. Two seconds at most.
import { again, band, chance, glide, hall, held, high, line, louder, low, made, mix, noise, reed, ring, saw, shaped, square, struck, together, tone, triangle } from './synth.mjs';

const vowel = (samples, a, b) => together(band(samples, a, 6), louder(band(samples, b, 8), 0.6));
const drop = (pitch) => shaped(tone(0.05, glide(pitch, pitch * 1.8, 0.04)), struck(0.002, 0.012));
const clap = (seed) => shaped(band(noise(0.06, seed), 1100 + (seed % 7) * 130, 1.5), struck(0.001, 0.012));
const bark = (pitch, seconds) => shaped(vowel(together(tone(seconds, glide(pitch * 1.3, pitch, seconds), reed), louder(noise(seconds, 3), 0.5)), 620, 1250), held(seconds, 0.015, 0.09));
const skin = (pitch, seconds) => together(shaped(tone(seconds, glide(pitch * 2, pitch, 0.06)), struck(0.002, 0.09)), shaped(louder(low(noise(seconds, 5), 2500), 0.5), struck(0.001, 0.02)));

export const effects = {
  // at play
  whistle: ['referee|blow', 'at play', () => shaped(together(tone(0.9, (t) => 2850 + 60 * Math.sin(150 * t)), louder(noise(0.9), 0.08)), (t) => held(0.9, 0.03, 0.08)(t) * (0.75 + 0.25 * Math.sin(150 * t)))],
  cheer: ['hooray|crowd|hurrah|yay', 'at play', () => { const c = chance(4); return shaped(together(...Array.from({ length: 14 }, (_, i) => { const p = 180 + 260 * c(); return vowel(tone(1.8, (t) => p * (1 + 0.25 * Math.sin(2 + i + 2.2 * t))  , reed), 750 + 200 * c(), 1300 + 300 * c()); }), louder(band(noise(1.8, 9), 1600, 0.7), 0.8)), held(1.8, 0.35, 0.7)); }],
  clapping: ['applause|clap|well done', 'at play', () => { const c = chance(8); return mix(...Array.from({ length: 90 }, (_, i) => [1.75 * c() ** 0.9, louder(clap(i), 0.5 + 0.5 * c())])); }],
  drum: ['bang|beat', 'at play', () => skin(95, 0.6)],
  'drum roll': ['drumroll|wait for it', 'at play', () => mix(...Array.from({ length: 38 }, (_, i) => [i * 0.036, louder(skin(170, 0.09), 0.25 + i / 60)]), [1.42, louder(shaped(high(noise(0.55, 2), 4000), struck(0.002, 0.16)), 0.9)], [1.42, skin(80, 0.5)])],
  cymbal: ['crash', 'at play', () => shaped(high(noise(1.5, 6), 3500), struck(0.003, 0.25))],
  xylophone: ['scale|up', 'at play', () => again([0, 0.14, 0.28, 0.42, 0.56], (i) => ring(0.5, 523.25 * [1, 1.25, 1.5, 1.667, 2][i], [[1, 1, 0.1], [3.9, 0.3, 0.03]]))],
  fanfare: ['trumpet|ta-da|tada|winner', 'at play', () => again([0, 0.17, 0.34, 0.51], (i) => { const s = i === 3 ? 0.9 : 0.16; return shaped(low(together(tone(s, [392, 523, 659, 784][i], saw), tone(s, [394, 525, 656, 786][i], saw)), 2600), held(s, 0.02, 0.06)); })],
  boing: ['spring|bounce|jump', 'at play', () => shaped(tone(1.1, (t) => 150 + 130 * Math.exp(-2.2 * t) * (1 + Math.sin(46 * t)), triangle), struck(0.005, 0.28))],
  'slide up': ['swoop|going up', 'at play', () => shaped(tone(0.9, glide(300, 1500, 0.85)), held(0.9, 0.03, 0.1))],
  'slide down': ['falling|going down', 'at play', () => shaped(tone(0.9, glide(1500, 260, 0.85)), held(0.9, 0.03, 0.1))],
  whoosh: ['swish|fast|past', 'at play', () => shaped(band(noise(0.9, 7), (t) => 500 + 2600 * Math.sin(Math.PI * Math.min(1, t / 0.9)), 1.6), (t) => Math.sin(Math.PI * Math.min(1, t / 0.9)) ** 2)],
  pop: ['balloon|bubble|cork', 'at play', () => shaped(tone(0.12, glide(350, 1300, 0.05)), struck(0.002, 0.02))],
  splash: ['jump in|water', 'at play', () => mix([0, shaped(band(noise(1.1, 11), glide(900, 3200, 0.3), 0.8), struck(0.02, 0.16))], ...[0.45, 0.58, 0.66, 0.8, 0.95].map((t, i) => [t, louder(drop(700 + i * 170), 0.35)]))],
  // at school and at home
  bell: ['school bell|ring', 'at home and school', () => hall(ring(1.8, 620, [[1, 1, 0.5], [2.0, 0.6, 0.35], [2.76, 0.5, 0.22], [5.4, 0.25, 0.08]]))],
  doorbell: ['ding dong|visitor', 'at home and school', () => again([0, 0.45], (i) => ring(1.2, [659, 523][i], [[1, 1, 0.22], [2, 0.25, 0.12], [3, 0.12, 0.06]]))],
  knock: ['door|knocking', 'at home and school', () => again([0, 0.2, 0.4], () => together(shaped(tone(0.16, 190), struck(0.001, 0.02)), shaped(louder(low(noise(0.16, 4), 1500), 0.8), struck(0.001, 0.01))))],
  clock: ['tick|tick tock|waiting', 'at home and school', () => again([0, 0.5, 1, 1.5], (i) => shaped(band(noise(0.08, 3), i % 2 ? 1700 : 2500, 5), struck(0.001, 0.012)))],
  telephone: ['phone|ringing|call', 'at home and school', () => shaped(together(tone(1.6, 440), tone(1.6, 587)), (t) => (t % 0.8 < 0.42 ? 1 : 0) * (0.6 + 0.4 * Math.sign(Math.sin(140 * t))))],
  camera: ['photo|click|snap', 'at home and school', () => again([0, 0.11], (i) => shaped(band(noise(0.06, i + 2), 3200, 2), struck(0.001, 0.008)))],
  zip: ['coat|zipper', 'at home and school', () => shaped(band(made(0.6, (t) => Math.sign(Math.sin(2 * Math.PI * (60 + 180 * t) * t))), (t) => 1500 + 3500 * t, 2), held(0.6, 0.03, 0.05))],
  right: ['correct|yes|ding', 'at home and school', () => again([0, 0.13], (i) => ring(0.7, [880, 1319][i], [[1, 1, 0.16], [2, 0.3, 0.08]]))],
  wrong: ['buzzer|no|try again', 'at home and school', () => shaped(low(together(tone(0.6, 110, square), tone(0.6, 116, square)), 900), held(0.6, 0.01, 0.06))],
  squeak: ['toy|door|mouse', 'at home and school', () => again([0, 0.24], () => shaped(tone(0.2, (t) => 1400 + 900 * Math.sin(Math.PI * t / 0.2), triangle), held(0.2, 0.02, 0.04)))],
  // people
  heartbeat: ['heart|excited|scared', 'people', () => again([0, 0.24, 0.95, 1.19], (i) => shaped(low(together(tone(0.3, glide(90, 55, 0.1)), tone(0.3, glide(180, 110, 0.1))), 400), struck(0.008, i % 2 ? 0.05 : 0.07)))],
  kiss: ['mwah|love', 'people', () => mix([0, shaped(tone(0.16, glide(1100, 2300, 0.15)), (t) => (t / 0.16) ** 2)], [0.17, shaped(band(noise(0.09, 5), 2600, 1.5), struck(0.001, 0.012))])],
  sneeze: ['achoo|cold|bless you', 'people', () => mix([0, louder(shaped(vowel(tone(0.35, glide(200, 330, 0.3), reed), 800, 1200), held(0.35, 0.1, 0.03)), 0.5)], [0.45, shaped(together(high(noise(0.5, 8), 1800), vowel(tone(0.5, glide(300, 160, 0.3), reed), 350, 900)), struck(0.01, 0.1))])],
  snore: ['sleep|asleep|tired', 'people', () => shaped(together(low(made(1.7, (t) => Math.sign(Math.sin(2 * Math.PI * (38 + 6 * Math.sin(3 * t)) * t))), 700), louder(band(noise(1.7, 6), 900, 1), 0.5)), (t) => (t < 0.9 ? Math.sin(Math.PI * t / 0.9) ** 0.7 : 0.35 * Math.sin(Math.PI * (t - 0.9) / 0.8)))],
  raspberry: ['rude noise|blow|silly', 'people', () => shaped(low(tone(0.8, (t) => 62 + 14 * Math.sin(23 * t) + 8 * Math.sin(61 * t), square), 1100), held(0.8, 0.03, 0.1))],
  giggle: ['laugh|funny|ha ha', 'people', () => again([0, 0.17, 0.33, 0.48, 0.62], (i) => shaped(vowel(tone(0.13, glide(430 - 22 * i, 330 - 18 * i, 0.12), reed), 700, 1700), held(0.13, 0.02, 0.05)))],
  gasp: ['oh|surprise|shock', 'people', () => shaped(band(noise(0.6, 9), glide(900, 2300, 0.5), 1.5), (t) => Math.sin(Math.PI * Math.min(1, t / 0.6)) ** 0.6)],
  // animals
  gull: ['seagull|bird|sea', 'animals', () => again([0, 0.5, 0.95], (i) => shaped(tone(0.42 - 0.06 * i, (t) => 900 + 950 * Math.sin(Math.PI * Math.min(1, t / 0.4)) ** 0.6, reed), held(0.42 - 0.06 * i, 0.04, 0.12)))],
  seal: ['sea lion|bark', 'animals', () => again([0, 0.42, 0.84, 1.26], () => bark(230, 0.3))],
  dog: ['bark|woof', 'animals', () => again([0, 0.38], () => bark(330, 0.2))],
  cat: ['meow|miaow', 'animals', () => shaped(vowel(tone(0.8, (t) => 480 + 260 * Math.sin(Math.PI * t / 0.8), reed), 900, 2100), (t) => Math.sin(Math.PI * Math.min(1, t / 0.8)) ** 0.8)],
  owl: ['hoot|night', 'animals', () => again([0, 0.45, 0.68], (i) => { const s = i === 2 ? 0.7 : 0.18; return shaped(together(tone(s, glide(350, 320, s)), louder(noise(s, 3), 0.02)), held(s, 0.05, 0.1)); })],
  frog: ['croak|ribbit', 'animals', () => again([0, 0.5], () => mix(...Array.from({ length: 11 }, (_, i) => [i * 0.024, shaped(band(tone(0.03, 190 + i * 12, reed), 800 + i * 60, 3), struck(0.002, 0.007))])))],
  bee: ['buzz|fly', 'animals', () => shaped(low(tone(1.5, (t) => 190 + 22 * Math.sin(5 * t) + 7 * Math.sin(31 * t), saw), 1800), held(1.5, 0.3, 0.4))],
  cricket: ['grasshopper|night|summer', 'animals', () => again([0, 0.42, 0.84, 1.26], () => again([0, 0.06, 0.12, 0.18], () => shaped(tone(0.045, 4300), held(0.045, 0.008, 0.015))))],
  duck: ['quack', 'animals', () => again([0, 0.3, 0.58], () => shaped(vowel(tone(0.2, glide(290, 220, 0.2), saw), 1150, 2400), held(0.2, 0.01, 0.07)))],
  horse: ['gallop|hooves', 'animals', () => again([0, 0.11, 0.25, 0.62, 0.73, 0.87, 1.24, 1.35, 1.49], (i) => shaped(band(noise(0.07, i + 1), i % 3 ? 900 : 620, 5), struck(0.001, 0.015)))],
  // weather and the sea
  rain: ['wet|drops', 'weather and sea', () => { const c = chance(12); return together(louder(shaped(high(noise(2, 3), 2500), held(2, 0.3, 0.4)), 0.15), mix(...Array.from({ length: 120 }, () => [1.9 * c(), louder(drop(1800 + 2600 * c()), 0.1 + 0.25 * c())]))); }],
  thunder: ['storm|lightning', 'weather and sea', () => mix([0, shaped(low(noise(0.35, 2), 1600), struck(0.003, 0.05))], [0.12, shaped(low(together(noise(1.85, 5), noise(1.85, 6)), (t) => 420 - 150 * t, 0.9), (t) => struck(0.05, 0.5)(t) * (0.6 + 0.4 * Math.sin(9 * t + 2 * Math.sin(5 * t))))])],
  wind: ['blow|stormy', 'weather and sea', () => shaped(band(noise(2, 4), (t) => 500 + 280 * Math.sin(2.4 * t) + 90 * Math.sin(7 * t), 5), held(2, 0.4, 0.5))],
  waves: ['sea|beach|shore', 'weather and sea', () => shaped(low(noise(2, 8), (t) => 700 + 2200 * Math.sin(Math.PI * Math.min(1, t / 2)) ** 2), (t) => Math.sin(Math.PI * Math.min(1, t / 2)) ** 1.5)],
  'ferry horn': ['ship|boat|fog horn', 'weather and sea', () => hall(shaped(low(together(tone(1.6, 110, saw), tone(1.6, 139, saw), tone(1.6, 165, saw)), 900), held(1.6, 0.12, 0.3)))],
  // on the road
  'car horn': ['beep|honk|toot', 'on the road', () => again([0, 0.35], (i) => { const s = i ? 0.5 : 0.2; return shaped(low(together(tone(s, 415, square), tone(s, 523, square)), 2200), held(s, 0.01, 0.04)); })],
  'bicycle bell': ['bike|tring', 'on the road', () => again([0, 0.09, 0.5, 0.59], () => ring(0.5, 2100, [[1, 1, 0.1], [1.52, 0.7, 0.07], [2.6, 0.3, 0.04]]))],
  siren: ['ambulance|fire engine|police', 'on the road', () => shaped(low(tone(1.9, (t) => (t % 0.95 < 0.475 ? 660 : 495), square), 1800), held(1.9, 0.03, 0.1))],
  train: ['steam|chuff|choo choo', 'on the road', () => mix(...[0, 0.22, 0.44, 0.66].map((t, i) => [t, louder(shaped(band(noise(0.2, i + 3), 900, 0.9), struck(0.01, 0.05)), i % 2 ? 0.7 : 1)]), [0.95, shaped(low(together(tone(0.9, 466, saw), tone(0.9, 554, saw), tone(0.9, 698, saw), louder(noise(0.9, 2), 0.3)), 3000), held(0.9, 0.06, 0.15))])],
  engine: ['car|start|drive', 'on the road', () => shaped(low(tone(1.8, glide(38, 95, 1.6), saw), 700), held(1.8, 0.2, 0.3))],
  brake: ['stop|screech', 'on the road', () => shaped(together(tone(0.8, (t) => 2300 - 500 * t + 40 * Math.sin(190 * t), triangle), louder(band(noise(0.8, 2), 2600, 3), 0.4)), held(0.8, 0.05, 0.15))],
  rocket: ['space|take off|launch', 'on the road', () => shaped(together(low(noise(2, 7), glide(300, 2600, 1.8)), louder(tone(2, glide(80, 420, 2), saw), 0.25)), line(0.15, 1, 1.6))],
};

export const slug = (name) => name.replaceAll(' ', '-');
