import { speak } from './words/words';

// What is said is read from the catalogue when a part is loaded: the language comes before all of them.
await speak(document.documentElement.lang);
await import('./start');
