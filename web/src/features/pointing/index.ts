export { surely } from './found';
