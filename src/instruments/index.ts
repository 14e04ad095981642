/** Front door of the instruments: what a screen listens to, and nothing of how they speak. */
export { listen, type InstrumentState } from './listen';
export { INSTRUMENT_KINDS, type InstrumentKind } from './limits';
export { SERIAL } from './serial';
export { SIMULATED } from './simulated';
export type { LostWhy, Source } from './source';
