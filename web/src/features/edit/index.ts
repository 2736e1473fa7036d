export { startsLarge, useEdits } from './editing';
