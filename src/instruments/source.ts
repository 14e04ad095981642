import type { InstrumentKind } from './limits';

/** What a source tells while it is open; `lost` is the last it says. */
export interface Listener {
  onOpen: () => void;
  onLine: (line: string) => void;
  onLost: (why: LostWhy) => void;
}

/** Why a source ended by itself. */
export type LostWhy = 'offline' | 'unplugged' | 'refused' | 'not chosen';

/** Where lines come from: the simulated stand-in, or a real instrument. One interface for both. */
export interface Source {
  id: 'simulated' | 'serial';
  /** Whether this browser has what it takes. */
  isHere: () => boolean;
  /** Begins to listen; returns the way to stop. */
  open: (kind: InstrumentKind, around: number | null, listener: Listener) => () => void;
}
