export { regridAt } from './regridAt';
