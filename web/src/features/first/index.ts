export { Bringing } from './Bringing';
export type { Brought } from './photos';
export { HandNeeds } from './HandNeeds';
