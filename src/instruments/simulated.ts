import type { InstrumentKind } from './table';
import type { Source } from './source';

/**
 * The stand-in that ships with the application: an event stream of the same lines that a real
 * instrument would send, around what the edge or thing should read, in the unit of what it measures;
 * null for its own guess.
 */
export function simulated(kind: InstrumentKind, around: number | null): Source<string> {
  return {
    id: 'simulated',
    isHere: () => typeof EventSource !== 'undefined',
    open({ onOpen, onReading, onLost }) {
      const query = around === null ? '' : `?around=${around.toFixed(4)}`;
      const stream = new EventSource(`/api/instruments/${kind}${query}`);
      let isOver = false;
      let wasOpen = false;
      const stop = (): void => {
        isOver = true;
        stream.close();
      };
      stream.onopen = () => {
        wasOpen = true;
        onOpen();
      };
      stream.onmessage = ({ data }) => onReading(String(data));
      stream.onerror = () => {
        if (isOver) return;
        // Browsers try again by themselves, and quietly: here a person says when.
        stop();
        onLost(wasOpen && navigator.onLine ? 'unplugged' : 'offline');
      };
      return stop;
    },
  };
}
