export { hang, lenses } from './lens';
export type { HungLens, LensAtWork, LensRoom } from './lens';
