export { Appeared } from './Appeared';
export { aboutHeld } from './HeldList';
export { NewWords } from './NewWords';
export { ProposePlan } from './ProposePlan';
