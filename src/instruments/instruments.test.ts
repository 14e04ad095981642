import fc from 'fast-check';
import { listen, type InstrumentState, type Source } from '.';
import { readLine, writeLine, type InstrumentReading } from './lines';
import { FAULTS, simulatedLines, type Fault } from './simulation';
import { splitLines } from './serial';
import { INSTRUMENTS, N_PER_GRAM, type Instrument, type InstrumentKind } from './table';

const KINDS = ['edge-tester', 'pocket-scale'] as const;
const write = (own: InstrumentReading): string => writeLine(own, INSTRUMENTS);

/** A reading as its lines can say it: in tenths of a gram. */
const reading = fc
  .record({
    kind: fc.constantFrom(...KINDS),
    grams: fc.integer({ min: 10, max: 20_000 }).map((tenths) => tenths / 10),
    settled: fc.boolean(),
  })
  .map(({ kind, grams, settled }): InstrumentReading => ({
    kind,
    value: kind === 'edge-tester' ? grams * N_PER_GRAM : grams,
    settled,
  }));

describe('a line of an instrument', () => {
  it('is read as it was written', () => {
    fc.assert(
      fc.property(reading, (own) => {
        const line = readLine(write(own));
        if (line.says !== 'reading') throw new Error(line.says);
        expect(line.reading).toEqual({ ...own, value: expect.closeTo(own.value, 9) as number });
      }),
    );
  });

  it('with any character changed is nonsense and no other reading', () => {
    const change = fc.tuple(reading, fc.nat(30), fc.constantFrom(...'0123456789FMSU*. g'));
    fc.assert(
      fc.property(change, ([own, at, character]) => {
        const line = write(own);
        const spoilt = line.slice(0, at) + character + line.slice(at + 1);
        if (spoilt.trim() === line || at >= line.length) return;
        expect(readLine(spoilt).says).toBe('nonsense');
      }),
    );
  });

  it('says force in newtons or in grams, mass in grams or in kilograms, and nothing in another’s unit', () => {
    const valueOf = (body: string): number | string => {
      const sum = [...body].reduce((all, character) => all ^ character.charCodeAt(0), 0);
      const line = readLine(`${body} *${sum.toString(16).toUpperCase().padStart(2, '0')}`);
      return line.says === 'reading' ? line.reading.value : line.says;
    };
    expect(valueOf('F 100.0 g S')).toBeCloseTo(0.980665, 9);
    expect(valueOf('F 0.980665 N S')).toBeCloseTo(0.980665, 9);
    expect(valueOf('M 1.25 kg S')).toBeCloseTo(1250, 9);
    expect(valueOf('M 62.0 g S')).toBe(62);
    expect(valueOf('M 62.0 N S')).toBe('nonsense');
    expect(valueOf('F 1.0 kg S')).toBe('nonsense');
    expect(valueOf('X 62.0 g S')).toBe('nonsense');
    expect(valueOf('F 2000.0 g S')).toBeCloseTo(19.6133, 9);
    expect(valueOf('F 2000.1 g S')).toBe('nonsense');
    expect(valueOf('M 10000.1 g S')).toBe('nonsense');
    expect(valueOf('M -0.1 g S')).toBe('nonsense');
  });

  it('of an instrument that is added by a row of the table is written, read and played', () => {
    const balance: Instrument = {
      ...INSTRUMENTS['pocket-scale'],
      letter: 'B',
      lineUnit: 'kg',
      least: 100,
      most: 40_000,
      usual: 12_000,
    };
    const table = { ...INSTRUMENTS, 'floor-balance': balance };
    const own = { kind: 'floor-balance' as const, value: 12_300, settled: true };
    expect(writeLine(own, table)).toMatch(/^B 12\.3 kg S \*/);
    expect(readLine(writeLine(own, table), table)).toEqual({ says: 'reading', reading: own });
    expect(readLine(writeLine(own, table)).says).toBe('nonsense');
    const lines = simulatedLines({ ...own, table, around: null, seed: 1, fault: 'none' });
    const said = [0, 1, 2, 3].map(() => readLine(lines.next().value!.line, table));
    expect(said.map((line) => line.says === 'reading' && line.reading.settled)).toEqual([
      ...[false, false, false, true],
    ]);
  });

  it('of any kind is borne', () => {
    fc.assert(fc.property(fc.string(), (text) => void readLine(text)));
    expect(readLine('# ready').says).toBe('ready');
  });

  it('comes whole out of any pieces', () => {
    const pieces = fc.array(reading.map(write), { minLength: 1, maxLength: 8 });
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
  const firstReadings = (kind: InstrumentKind, around: number, seed: number) => {
    const values: number[] = [];
    for (const { line } of simulatedLines({
      kind,
      table: INSTRUMENTS,
      around,
      seed,
      fault: 'none',
    })) {
      const said = readLine(line);
      expect(said.says).not.toBe('nonsense');
      if (said.says === 'reading' && said.reading.settled) values.push(said.reading.value);
      if (values.length === 60) return values;
    }
    return values;
  };

  it('scatters around what it was asked for, and is the same for one seed', () => {
    fc.assert(
      fc.property(fc.integer({ min: 60, max: 900 }), fc.nat(1e6), (aroundG, seed) => {
        const around = aroundG * N_PER_GRAM;
        const forces = firstReadings('edge-tester', around, seed);
        expect(forces).toEqual(firstReadings('edge-tester', around, seed));
        const mean = forces.reduce((a, b) => a + b) / forces.length;
        expect(Math.abs(mean / around - 1)).toBeLessThan(0.2);
        expect(new Set(forces).size).toBeGreaterThan(20);
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
  function played(kind: InstrumentKind, fault: Fault): Source<string> {
    return {
      id: 'simulated',
      isHere: () => true,
      open({ onOpen, onReading, onLost }) {
        const around = kind === 'edge-tester' ? 150 * N_PER_GRAM : 150;
        const lines = simulatedLines({ kind, table: INSTRUMENTS, around, seed: 3, fault });
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

  function heard(fault: Fault, kind: InstrumentKind = 'edge-tester', speaks = kind) {
    const states: InstrumentState[] = [];
    const readings: number[] = [];
    const stop = listen({
      source: played(speaks, fault),
      kind,
      onState: (state) => states.push(state),
      onReading: (value) => readings.push(value),
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
    expect(scale.readings.length).toBeGreaterThanOrEqual(9);
    scale.readings.forEach((massG) => expect(Math.abs(massG - 150)).toBeLessThan(2));
  });

  it('leaves nonsense out and says so', () => {
    const { last, readings } = heard('nonsense');
    expect(last).toMatchObject({ phase: 'listening' });
    expect(last.phase === 'listening' && last.nonsense).toBeGreaterThan(2);
    readings.forEach((forceN) => expect(forceN / N_PER_GRAM).toBeGreaterThan(80));
  });

  it('takes no reading of another instrument for its own', () => {
    const { last, readings } = heard('none', 'pocket-scale', 'edge-tester');
    expect(readings).toEqual([]);
    expect(last).toMatchObject({ phase: 'listening', unsettled: null });
    expect(last.phase === 'listening' && last.nonsense).toBeGreaterThan(5);
  });

  it('notices silence, and a connection that breaks', () => {
    expect(heard('silence').last).toEqual({ phase: 'silent' });
    expect(heard('drop').last).toEqual({ phase: 'lost', why: 'unplugged' });
    expect(FAULTS).toHaveLength(4);
  });
});
