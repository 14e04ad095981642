'use client';

import { useCallback, useEffect, useRef, useState } from 'react';
import { listen, type InstrumentKind, type InstrumentState, type Source } from '../instruments';
import { useLatest } from './useLatest';

/** Listens to an instrument while the screen that asked for it stands; readings go to `onReading`. */
export function useInstrument(
  kind: InstrumentKind,
  onReading: (grams: number) => void,
): {
  /** Null while nothing is connected. */
  state: InstrumentState | null;
  connect: (source: Source<string>) => void;
  disconnect: () => void;
} {
  const [state, setState] = useState<InstrumentState | null>(null);
  const stop = useRef(() => {});
  const latest = useLatest(onReading);
  useEffect(() => () => stop.current(), []);
  const connect = useCallback(
    (source: Source<string>): void => {
      stop.current();
      stop.current = listen({
        source,
        kind,
        onState: setState,
        onReading: (grams) => latest.current(grams),
      });
    },
    [kind, latest],
  );
  const disconnect = useCallback((): void => {
    stop.current();
    setState(null);
  }, []);
  return { state, connect, disconnect };
}
