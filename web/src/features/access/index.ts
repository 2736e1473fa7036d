export { Scanner } from './Scanner';
export { USUAL_PER_MM, useTouching } from './useTouching';
export { USUAL_TOUCHING } from './settings';
