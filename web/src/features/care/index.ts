export { Care, Worries } from './Care';
