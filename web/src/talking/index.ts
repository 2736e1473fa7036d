export { offeredButtons, offeredDoings, phraseOf, typedOf } from './doings';
export type { Performed } from './effects';
export { perform } from './perform';
export { begin, said, saidAndDone, takeOneOff, tap, withDrawn, wordsOf, type TalkState } from './talk';
