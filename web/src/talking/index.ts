export { offeredButtons, offeredDoings, phraseOf, typedOf } from './doings';
export type { Performed } from './effects';
export { perform } from './perform';
export { Fitting, type Form } from './fitting';
export { formLabels } from './doings/forms';
export { begin, formed, said, saidAndDone, takeOneOff, tap, tokensOf, withDrawn, wordsOf, type Around, type TalkState, type Token } from './talk';
export { wordsMade } from './saidWords';
export { takesTurns } from './takingTurns';
