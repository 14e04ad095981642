import type { Source } from './source';

/** The part of the browser's serial line that is used here; not every browser has it. */
interface SerialPort {
  open(options: { baudRate: number }): Promise<void>;
  close(): Promise<void>;
  readonly readable: ReadableStream<Uint8Array> | null;
}
interface WithSerial {
  serial?: { requestPort(): Promise<SerialPort> };
}

const BAUD = 9600;

/** An instrument on a serial line, which the person chooses in the browser's own dialog. */
export const SERIAL: Source<string> = {
  id: 'serial',
  isHere: () => typeof navigator !== 'undefined' && 'serial' in navigator,
  open({ onOpen, onReading, onLost }) {
    let reader: ReadableStreamDefaultReader<Uint8Array> | null = null;
    let isOver = false;
    const run = async (): Promise<void> => {
      const port = await chosenPort();
      if (!port) return isOver ? undefined : onLost('not chosen');
      try {
        await port.open({ baudRate: BAUD });
        onOpen();
        const decoder = new TextDecoder();
        const feed = splitLines(onReading);
        reader = port.readable!.getReader();
        for (;;) {
          const { value, done } = await reader.read();
          if (done || isOver) break;
          feed(decoder.decode(value, { stream: true }));
        }
        if (!isOver) onLost('unplugged');
      } catch {
        if (!isOver) onLost(reader ? 'unplugged' : 'refused');
      } finally {
        reader?.releaseLock();
        await port.close().catch(() => {});
      }
    };
    void run();
    return () => {
      isOver = true;
      void reader?.cancel().catch(() => {});
    };
  },
};

/** The port that the person picks; null where they pick none. */
async function chosenPort(): Promise<SerialPort | null> {
  try {
    return (await (navigator as WithSerial).serial?.requestPort()) ?? null;
  } catch {
    return null;
  }
}

/** Longest line that is waited for: what goes on beyond is no line of ours. */
const LONGEST = 200;

/** Puts pieces of a stream together into lines, and hands each on as it is whole. */
export function splitLines(onLine: (line: string) => void): (piece: string) => void {
  let begun = '';
  return (piece) => {
    begun += piece;
    const lines = begun.split(/\r?\n/);
    begun = lines.pop()!;
    lines.forEach(onLine);
    if (begun.length > LONGEST) {
      onLine(begun);
      begun = '';
    }
  };
}
