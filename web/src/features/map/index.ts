export { edgesOf, LOOKED_AT, nodesOf, type Drawn } from './flow';
