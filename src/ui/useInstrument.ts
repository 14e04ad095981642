'use client';

import { useCallback, useEffect, useRef, useState } from 'react';
import { listen, type InstrumentKind, type InstrumentState, type Source } from '../instruments';

/** Listens to an instrument while the screen that asked for it stands; readings go to `onReading`. */
export function useInstrument(
  kind: InstrumentKind,
  around: number | null,
  onReading: (grams: number) => void,
): {
  /** Null while nothing is connected. */
  state: InstrumentState | null;
  connect: (source: Source) => void;
  disconnect: () => void;
} {
  const [state, setState] = useState<InstrumentState | null>(null);
  const stop = useRef(() => {});
  const latest = useRef(onReading);
  useEffect(() => {
    latest.current = onReading;
  });
  useEffect(() => () => stop.current(), []);
  const connect = useCallback(
    (source: Source): void => {
      stop.current();
      stop.current = listen({
        source,
        kind,
        around,
        onState: setState,
        onReading: (grams) => latest.current(grams),
      });
    },
    [kind, around],
  );
  const disconnect = useCallback((): void => {
    stop.current();
    setState(null);
  }, []);
  return { state, connect, disconnect };
}
