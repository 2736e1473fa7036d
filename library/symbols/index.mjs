// All of Dwimble's own symbols. A new one is one entry in one of these files: its words, then its parts.
import { changesWithPerson, colourSvg, contrastSvg, hasArt } from './draw.mjs';
import * as acts from './acts.mjs';
import * as asking from './asking.mjs';
import * as becoming from './becoming.mjs';
import * as bits from './bits.mjs';
import * as describing from './describing.mjs';
import * as doing from './doing.mjs';
import * as exclaiming from './exclaiming.mjs';
import * as ideas from './ideas.mjs';
import * as jobs from './jobs.mjs';
import * as likeness from './likeness.mjs';
import * as linking from './linking.mjs';
import * as little from './little.mjs';
import * as moments from './moments.mjs';
import * as people from './people.mjs';
import * as places from './places.mjs';
import * as placing from './placing.mjs';
import * as home from './plain/home.mjs';
import * as kitchen from './plain/kitchen.mjs';
import * as land from './plain/land.mjs';
import * as town from './plain/town.mjs';
import * as signs from './signs.mjs';
import * as social from './social.mjs';
import * as things from './things.mjs';
import * as time from './time.mjs';
import * as where from './where.mjs';

/** Where the word is not the key with its dashes taken out. */
const written = { 'sign-holding': 'somebody holding something', 'sign-pointing': 'somebody pointing', 'sign-arrow-right': 'arrow to the right', 'sign-arrow-left': 'arrow to the left', 'sign-arrow-up': 'arrow up', 'sign-arrow-down': 'arrow down', 'sign-arrow-bent': 'bent arrow', 'sign-arrow-round': 'arrow that goes round', 'sign-plus': 'plus sign', 'sign-minus': 'minus sign', 'sign-equals': 'equals sign', 'sign-tick': 'tick mark', 'sign-cross': 'cross over it', 'sign-question': 'question sign', 'sign-exclamation': 'exclamation sign', 'sign-ring': 'ring about it', 'sign-frame': 'frame about it', 'sign-cloud': 'thought cloud', 'sign-bubble': 'speech bubble', 'sign-rays': 'rays', 'sign-motion': 'lines of motion', 'sign-split': 'line between', 'blue-sky': 'sky',  monday: 'Monday', tuesday: 'Tuesday', wednesday: 'Wednesday', thursday: 'Thursday', friday: 'Friday', saturday: 'Saturday', sunday: 'Sunday', 'can-i': 'can I',  i: 'I', dont: 'don’t', 'swing-seat': 'swing', back: 'my back' };

const slug = (key) => key.normalize('NFD').toLowerCase().replace(/[^a-z0-9-/ ]/g, '').replaceAll(/[/ ]/g, '-');
const spoken = (text) => text.replaceAll('-', ' ');

/** Every symbol: id, word, which meaning of it (said after a slash in its key), other words it stands for, drawer, and the drawing in both looks. */
export const symbols = [people, doing, describing, where, social, asking, little, time, things, moments, placing, linking, exclaiming, acts, becoming, likeness, jobs, places, bits, kitchen, home, land, town, ideas, signs].flatMap(({ drawer, symbols: entries }) =>
  Object.entries(entries).map(([key, [also, ...parts]]) => {
    const name = slug(key);
    const [word, gloss = ''] = key.split('/');
    return {
      name, word: written[name] ?? spoken(word), gloss: spoken(gloss), drawer,
      also: also.split(',').map((a) => a.trim()).filter(Boolean),
      colour: colourSvg(parts, name), contrast: contrastSvg(parts, name), person: changesWithPerson(parts), mixed: hasArt(parts),
    };
  }));
