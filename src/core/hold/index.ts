/** How a step is held, and what its signs say: the one owner of both. */
export { contactOf, wantsBurr } from './contact';
export type { HoldGuide } from './holdGuide';
export { handLeans, type HandLean } from './handLean';
export { inkAnswer, liftOf, possibleTurn, shearingDeg, type InkAnswer } from './inkAnswer';
export { reachMm } from './reach';
export { edgeHold, heldStep, STEEPEST_HOLD_DEG, stepHold, type Hold } from './stepHold';
