export { arrivalsAt } from './arrivalsAt';
