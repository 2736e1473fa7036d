export { passageAt } from './passageAt';
