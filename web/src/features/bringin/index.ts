export { CameIn } from './CameIn';
export { useBringIn } from './useBringIn';
