export { aheadOf, inAWeek, inSteps, type When } from './ahead';
export { Appeared } from './Appeared';
export { aboutHeld } from './HeldList';
export { NewWords } from './NewWords';
export { ProposePlan } from './ProposePlan';
export { WhenSteps } from './WhenSteps';
