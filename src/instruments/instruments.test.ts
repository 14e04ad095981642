import fc from 'fast-check';
import { listen, type InstrumentState, type Source } from '.';
import { readLine, writeLine } from './lines';
import { FAULTS, simulatedLines, type Fault } from './simulation';
import { splitLines } from './serial';

const reading = fc.record({
  kind: fc.constantFrom('edge-tester' as const, 'pocket-scale' as const),
  grams: fc.integer({ min: 10, max: 20_000 }).map((tenths) => tenths / 10),
  settled: fc.boolean(),
});

describe('a line of an instrument', () => {
  it('is read as it was written', () => {
    fc.assert(
      fc.property(reading, (own) => {
        expect(readLine(writeLine(own))).toEqual({ says: 'reading', reading: own });
      }),
    );
  });

  it('with any character changed is nonsense and no other reading', () => {
    const change = fc.tuple(reading, fc.nat(30), fc.constantFrom(...'0123456789FMSU*. g'));
    fc.assert(
      fc.property(change, ([own, at, character]) => {
        const line = writeLine(own);
        const spoilt = line.slice(0, at) + character + line.slice(at + 1);
        if (spoilt.trim() === line || at >= line.length) return;
        expect(readLine(spoilt).says).toBe('nonsense');
      }),
    );
  });

  it('of any kind is borne', () => {
    fc.assert(fc.property(fc.string(), (text) => void readLine(text)));
    expect(readLine('# ready').says).toBe('ready');
  });

  it('comes whole out of any pieces', () => {
    const pieces = fc.array(reading.map(writeLine), { minLength: 1, maxLength: 8 });
    fc.assert(
      fc.property(pieces, fc.integer({ min: 1, max: 9 }), (lines, size) => {
        const heard: string[] = [];
        const feed = splitLines((line) => heard.push(line));
        const text = lines.join('\r\n') + '\r\n';
        for (let at = 0; at < text.length; at += size) feed(text.slice(at, at + size));
        expect(heard).toEqual(lines);
      }),
    );
  });
});

describe('a simulated instrument', () => {
  const firstReadings = (kind: 'edge-tester' | 'pocket-scale', around: number, seed: number) => {
    const grams: number[] = [];
    for (const { line } of simulatedLines({ kind, around, seed, fault: 'none' })) {
      const said = readLine(line);
      expect(said.says).not.toBe('nonsense');
      if (said.says === 'reading' && said.reading.settled) grams.push(said.reading.grams);
      if (grams.length === 60) return grams;
    }
    return grams;
  };

  it('scatters around what it was asked for, and is the same for one seed', () => {
    fc.assert(
      fc.property(fc.integer({ min: 60, max: 900 }), fc.nat(1e6), (around, seed) => {
        const grams = firstReadings('edge-tester', around, seed);
        expect(grams).toEqual(firstReadings('edge-tester', around, seed));
        const mean = grams.reduce((a, b) => a + b) / grams.length;
        expect(Math.abs(mean / around - 1)).toBeLessThan(0.2);
        expect(new Set(grams).size).toBeGreaterThan(20);
      }),
      { numRuns: 30 },
    );
  });

  it('a scale comes to rest within a gram', () => {
    firstReadings('pocket-scale', 62, 7).forEach((grams) => {
      expect(Math.abs(grams - 62)).toBeLessThan(1);
    });
  });
});

describe('one who listens', () => {
  beforeEach(() => void jest.useFakeTimers());
  afterEach(() => void jest.useRealTimers());

  /** A source that plays a simulation in the time of the test. */
  function played(fault: Fault): Source<string> {
    return {
      id: 'simulated',
      isHere: () => true,
      open({ onOpen, onReading, onLost }) {
        const lines = simulatedLines({ kind: 'edge-tester', around: 150, seed: 3, fault });
        let timer: ReturnType<typeof setTimeout>;
        const next = (): void => {
          const { value, done } = lines.next();
          if (done) return onLost('unplugged');
          timer = setTimeout(() => {
            onReading(value.line);
            next();
          }, value.afterMs);
        };
        onOpen();
        next();
        return () => clearTimeout(timer);
      },
    };
  }

  function heard(fault: Fault, kind: 'edge-tester' | 'pocket-scale' = 'edge-tester') {
    const states: InstrumentState[] = [];
    const readings: number[] = [];
    const stop = listen({
      source: played(fault),
      kind,
      onState: (state) => states.push(state),
      onReading: (grams) => readings.push(grams),
    });
    jest.advanceTimersByTime(20_000);
    stop();
    const after = readings.length;
    jest.advanceTimersByTime(20_000);
    expect(readings).toHaveLength(after);
    return { last: states.at(-1)!, readings };
  }

  it('hears settled readings alone', () => {
    expect(heard('none').readings.length).toBeGreaterThanOrEqual(9);
    const scale = heard('none', 'pocket-scale');
    scale.readings.forEach((grams) => expect(Math.abs(grams - 150)).toBeLessThan(2));
  });

  it('leaves nonsense out and says so', () => {
    const { last, readings } = heard('nonsense');
    expect(last).toMatchObject({ phase: 'listening' });
    expect(last.phase === 'listening' && last.nonsense).toBeGreaterThan(2);
    readings.forEach((grams) => expect(grams).toBeGreaterThan(80));
  });

  it('notices silence, and a connection that breaks', () => {
    expect(heard('silence').last).toEqual({ phase: 'silent' });
    expect(heard('drop').last).toEqual({ phase: 'lost', why: 'unplugged' });
    expect(FAULTS).toHaveLength(4);
  });
});
