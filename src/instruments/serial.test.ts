/** @jest-environment node */
import { writeLine } from './lines';
import { SERIAL } from './serial';
import { INSTRUMENTS } from './table';

/** A port whose cable delivers these pieces, and is then pulled or stays silent. */
function port(pieces: string[], end: 'pulled' | 'silent') {
  const encoder = new TextEncoder();
  return {
    opened: null as number | null,
    closed: false,
    readable: new ReadableStream<Uint8Array>({
      start(controller) {
        pieces.forEach((piece) => controller.enqueue(encoder.encode(piece)));
        if (end === 'pulled') controller.close();
      },
    }),
    async open({ baudRate }: { baudRate: number }) {
      this.opened = baudRate;
    },
    async close() {
      this.closed = true;
    },
  };
}

function plug(requestPort: () => Promise<unknown>): void {
  Object.defineProperty(globalThis, 'navigator', {
    value: { serial: { requestPort } },
    configurable: true,
  });
}

const line = writeLine({ kind: 'edge-tester', value: 1.486, settled: true }, INSTRUMENTS);

/** Listens until the source ends by itself. */
function heard(): Promise<{ lines: string[]; why: string; opened: boolean }> {
  return new Promise((resolve) => {
    const lines: string[] = [];
    let opened = false;
    SERIAL.open({
      onOpen: () => (opened = true),
      onReading: (text) => lines.push(text),
      onLost: (why) => resolve({ lines, why, opened }),
    });
  });
}

describe('an instrument on a cable', () => {
  it('is heard line by line, whatever the pieces, until it is pulled; then the port is closed', async () => {
    const own = port([line.slice(0, 5), `${line.slice(5)}\r\n# rea`, 'dy\r\n'], 'pulled');
    plug(async () => own);
    expect(SERIAL.isHere()).toBe(true);
    expect(await heard()).toEqual({ lines: [line, '# ready'], why: 'unplugged', opened: true });
    expect(own).toMatchObject({ opened: 9600, closed: true });
  });

  it('says so where none is chosen, and where the port is held by another', async () => {
    plug(async () => Promise.reject(new Error('none')));
    expect((await heard()).why).toBe('not chosen');
    const held = { ...port([], 'silent'), open: async () => Promise.reject(new Error('busy')) };
    plug(async () => held);
    expect(await heard()).toMatchObject({ why: 'refused', opened: false });
  });

  it('is let go of, and the port closed', async () => {
    const own = port([`${line}\n`], 'silent');
    plug(async () => own);
    const stop = await new Promise<() => void>((resolve) => {
      const letGo = SERIAL.open({
        onOpen: () => {},
        onReading: () => resolve(() => letGo()),
        onLost: () => {},
      });
    });
    stop();
    await new Promise((resolve) => setTimeout(resolve, 20));
    expect(own.closed).toBe(true);
  });
});
