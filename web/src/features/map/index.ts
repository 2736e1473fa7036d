export { ACROSS, DOWN } from './map';
export { SAID } from './said';
