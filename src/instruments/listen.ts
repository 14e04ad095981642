import type { InstrumentKind } from './table';
import { readLine } from './lines';
import type { LostWhy, Source } from './source';

/** How an instrument stands with the one who listens. */
export type InstrumentState =
  | { phase: 'connecting' }
  | { phase: 'listening'; unsettled: number | null; nonsense: number }
  /** Nothing was heard for a while, not even that it is ready. */
  | { phase: 'silent' }
  | { phase: 'lost'; why: LostWhy };

/** An instrument says something at least this often. */
const SILENT_AFTER_MS = 6000;

/**
 * Listens to one instrument until it is stopped or lost: settled readings of its own kind go to
 * `onReading`, in the unit of what it measures; everything else shows in its state. Returns the way to stop.
 */
export function listen(input: {
  source: Source<string>;
  kind: InstrumentKind;
  onState: (state: InstrumentState) => void;
  onReading: (value: number) => void;
}): () => void {
  const { source, kind, onState, onReading } = input;
  let nonsense = 0;
  let silence: ReturnType<typeof setTimeout> | undefined;
  const heard = (): void => {
    clearTimeout(silence);
    silence = setTimeout(() => onState({ phase: 'silent' }), SILENT_AFTER_MS);
  };
  onState({ phase: 'connecting' });
  heard();
  const stop = source.open({
    onOpen: () => {
      heard();
      onState({ phase: 'listening', unsettled: null, nonsense });
    },
    onReading: (text) => {
      heard();
      const line = readLine(text);
      const isOurs = line.says === 'reading' && line.reading.kind === kind;
      if (line.says === 'nonsense' || (line.says === 'reading' && !isOurs)) nonsense += 1;
      const unsettled = isOurs && !line.reading.settled ? line.reading.value : null;
      onState({ phase: 'listening', unsettled, nonsense });
      if (isOurs && line.reading.settled) onReading(line.reading.value);
    },
    onLost: (why) => {
      clearTimeout(silence);
      onState({ phase: 'lost', why });
    },
  });
  return () => {
    clearTimeout(silence);
    stop();
  };
}
