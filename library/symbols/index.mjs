// All of Dwimble's own symbols. A new one is one entry in one of these files: its words, then its parts.
import { changesWithPerson, colourSvg, contrastSvg } from './draw.mjs';
import * as asking from './asking.mjs';
import * as describing from './describing.mjs';
import * as doing from './doing.mjs';
import * as little from './little.mjs';
import * as people from './people.mjs';
import * as social from './social.mjs';
import * as things from './things.mjs';
import * as time from './time.mjs';
import * as where from './where.mjs';

/** Where the word is not the key with its dashes taken out. */
const written = { 'blue-sky': 'sky',  monday: 'Monday', tuesday: 'Tuesday', wednesday: 'Wednesday', thursday: 'Thursday', friday: 'Friday', saturday: 'Saturday', sunday: 'Sunday', 'can-i': 'can I',  i: 'I', dont: 'don’t', 'swing-seat': 'swing', back: 'my back' };

/** Every symbol: id, word, other words it stands for, drawer, and the drawing in both looks. Sorted as the files are. */
export const symbols = [people, doing, describing, where, social, asking, little, time, things].flatMap(({ drawer, symbols: entries }) =>
  Object.entries(entries).map(([name, [also, ...parts]]) => ({
    name, word: written[name] ?? name.replaceAll('-', ' '), drawer,
    also: also.split(',').map((a) => a.trim()).filter(Boolean),
    colour: colourSvg(parts), contrast: contrastSvg(parts), person: changesWithPerson(parts),
  })));
