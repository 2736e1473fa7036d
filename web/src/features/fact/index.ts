export { Facts } from './Facts';
