export { WorkOfToday } from './WorkOfToday';
export { useWork } from './Working';
