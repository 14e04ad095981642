'use client';

import { uiPartsWords as say } from './words/partsWords';
import {
  SERIAL,
  simulated,
  type InstrumentKind,
  listen,
  type InstrumentState,
  type Source,
} from '../instruments';
import { INSTRUMENT_WORDS, instrumentWords } from './words/instrumentWords';
import { useCallback, useEffect, useRef, useState } from 'react';
import { useLatest } from './useLatest';

/** The way to take a reading from an instrument instead of typing it: never required. */
export default function InstrumentReader(props: {
  kind: InstrumentKind;
  /** What the simulated one reads around, in the unit of what it measures; null for its own guess. */
  around: number | null;
  onReading: (value: number) => void;
}) {
  const { kind, around, onReading } = props;
  const { state, connect, disconnect } = useInstrument(kind, onReading);
  const { name } = INSTRUMENT_WORDS[kind];
  const isOn = state !== null && state.phase !== 'lost';
  return (
    <div className="flex flex-wrap items-center gap-x-4 gap-y-1">
      {isOn ? (
        <button type="button" className="btn btn-ghost" onClick={disconnect}>
          {say.letTheGo(name)}
        </button>
      ) : (
        <>
          <button
            type="button"
            className="btn btn-ghost"
            onClick={() => connect(simulated(kind, around))}
          >
            {state ? say.tryAgainSimulated : say.fromASimulated} {name}
          </button>
          {SERIAL.isHere() && (
            <button type="button" className="btn btn-ghost" onClick={() => connect(SERIAL)}>
              {say.fromAOnACable(name)}
            </button>
          )}
        </>
      )}
      <p role="status" className="min-h-6 min-w-0 flex-1 basis-64">
        {state && instrumentWords(kind, state)}
      </p>
    </div>
  );
}

/** Listens to an instrument while the screen that asked for it stands; readings go to `onReading`. */
function useInstrument(
  kind: InstrumentKind,
  onReading: (value: number) => void,
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
        onReading: (value) => latest.current(value),
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
