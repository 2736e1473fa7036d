export { ShownOver } from './ShownOver';
export { RowOf } from './RowOf';
