/** What a source tells while it is open; `lost` is the last it says. */
interface Listener<Reading> {
  onOpen: () => void;
  onReading: (reading: Reading) => void;
  onLost: (why: LostWhy) => void;
}

/** Why a source ended by itself, or never began. */
export type LostWhy = 'offline' | 'unplugged' | 'refused' | 'not chosen' | 'not here' | 'busy';

/** Where readings come from: a simulated stand-in, or the real thing. One interface for all instruments. */
export interface Source<Reading> {
  id: 'simulated' | 'serial' | 'device';
  /** Whether this browser has what it takes. */
  isHere: () => boolean;
  /** Begins to listen; returns the way to stop. */
  open: (listener: Listener<Reading>) => () => void;
}
