export { Pad } from './Pad';
export { PadOver } from './PadOver';
export { asFile } from './picture';
