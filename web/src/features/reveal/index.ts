export { Appeared } from './Appeared';
export { aboutHeld } from './HeldList';
export { NewWords } from './NewWords';
export { ProposePlan } from './ProposePlan';
export { RevealSide } from './RevealSide';
export { StepsBar } from './StepsBar';
export { useReveal } from './useReveal';
