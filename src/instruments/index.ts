/** Front door of the instruments: what a screen listens to, and nothing of how they speak. */
export { listen, type InstrumentState } from './listen';
export type { InstrumentKind } from './table';
export { paintPhoto, TRIED_SCENE } from './paintedPhoto';
export { SERIAL } from './serial';
export { simulated } from './simulated';
export { PHONE_MOTION, type MotionReading } from './motion';
export { simulatedHand } from './simulatedHand';
export { simulatedPhone, type SimulatedPhone } from './simulatedPhone';
export type { LostWhy, Source } from './source';
export { CAMERA } from './camera';
export { MICROPHONE } from './microphone';
export { simulatedSound } from './simulatedSound';
