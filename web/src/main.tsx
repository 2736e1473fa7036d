import { askEarly } from './api/early';
import { talkAt } from './pack/talkAt';
import { speak } from './words/words';

// Whoever talks has waited longest: what is said with is on its way before the application is.
const talk = talkAt(window.location.pathname);
askEarly('/api/session', ...(talk !== undefined ? [`/api/vocabularies/${talk}`, `/api/vocabularies/${talk}/boards`] : []));

// What is said is read from the catalogue when a part is loaded: the language comes before all of them.
await speak(document.documentElement.lang);
await import('./start');
