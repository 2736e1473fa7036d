export { GrowDialog } from './GrowDialog';
export { GrowOrShrink, type GrowWish } from './GrowOrShrink';
