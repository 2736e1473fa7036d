// What is called out, and how a story begins.
import { at, saying, sparkle } from './grammar.mjs';

export const drawer = 'core-social';

export const symbols = {
  'once-upon-a-time': ['once upon a time', [at(16, 20, 0.74, 'open-book'), at(16, 8, 0.4, 'castle'), sparkle(27, 6, 3)]],
  indeed: ['really, it is so', saying({ mood: 'wide' }, 'check-mark-button', 0.34)],
  ouch: ['ow, that hurts', saying({ mood: 'sad' }, 'collision', 0.42)],
  'guess-what': ['listen to this', saying({ mood: 'wide' }, 'sparkles', 0.42)],
};
