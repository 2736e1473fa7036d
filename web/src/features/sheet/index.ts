export { FOR_WHOM } from './forWhom';
export { Leaves } from './Leaves';
export { DottedLength } from './Length';
export { PagePreview } from './PagePreview';
export { Choice, controls } from './controls';
export { clock, minutesOf, shown, typed, unitOn } from './units';
