import fc from 'fast-check';
import type { HoldGuide } from '../../core/hold';
import { analyseStropSeries } from '../../core/sharpness';
import { placeProgress } from '../../core/touchUp';
import { EDGE_PLACES, INK_SEEN } from '../../domain/terms';
import { passedTest } from '../../domain/observation';
import { sample } from '../../testing/sample';
import { INK_WORDS, inkWords } from './inkWords';
import { INSTRUMENT_WORDS, instrumentWords } from './instrumentWords';
import { placeName, progressTitle } from './placeWords';
import { seriesAdvice, seriesTitle } from './stropWords';

/** What is said of readings: of a strop, of places along an edge, of ink, and of an instrument. */

describe('a series on the strop', () => {
  const curve = (strokes: number): number => 100 + 180 * Math.exp(-strokes / 12) + 0.9 * strokes;
  const titleAt = (counts: readonly number[], grams = curve): string =>
    seriesTitle(
      analyseStropSeries({
        readings: counts.map((strokes) => ({ strokes, grams: grams(strokes) })),
        noiseGrams: 2,
      }),
    );

  it('goes from too few readings over going on and stopping to past it', () => {
    expect(titleAt([0, 4])).toMatch(/^Keener than at the start; \d readings more, at other counts/);
    expect(titleAt([0, 3, 6, 9, 12])).toMatch(/^Keep going: about \d+ g still to gain, best at/);
    expect(titleAt([0, 6, 12, 18, 24, 33])).toMatch(
      /^Stop here: best at 3\d strokes over both sides or more$/,
    );
    expect(titleAt([0, 10, 20, 34, 50, 70])).toMatch(
      /^Past it by 3\d strokes: best at about 3\d strokes over both sides, and \d+ g are lost since$/,
    );
    expect(titleAt([0, 5, 10, 20, 30, 40], () => 200)).toMatch(
      /^Nothing that the readings can tell/,
    );
  });

  it('advises where there is something to do, and is silent where there is not', () => {
    const advised = (counts: readonly number[]) =>
      seriesAdvice(
        analyseStropSeries({
          readings: counts.map((strokes) => ({ strokes, grams: curve(strokes) })),
          noiseGrams: 2,
        }),
      );
    expect(advised([0, 10, 20, 34, 50, 70])).toMatch(/stop at the best count/);
    expect(advised([0, 3, 6, 9, 12])).toBeNull();
  });

  it('has whole numbers for any readings', () => {
    const readings = fc.array(
      fc.record({ strokes: fc.nat(120), grams: fc.double({ min: 20, max: 900, noNaN: true }) }),
      { minLength: 1, maxLength: 12 },
    );
    fc.assert(
      fc.property(readings, fc.double({ min: 1, max: 30, noNaN: true }), (all, noiseGrams) => {
        const title = seriesTitle(analyseStropSeries({ readings: all, noiseGrams }));
        expect(title).not.toMatch(/NaN|undefined|Infinity|-\d|\d\.\d/);
      }),
    );
  });
});

describe('places along an edge', () => {
  it('are called heel to toe on an axe, and heel to tip on a knife', () => {
    expect(EDGE_PLACES.map((place) => placeName(place, true))).toContain('toe');
    expect(EDGE_PLACES.map((place) => placeName(place, false))).not.toContain('toe');
    expect(placeName('whole', true)).toBe('whole edge');
  });

  it('name the one that lags behind what is asked, or say that none does', () => {
    const session = sample.sessions.find(({ finishedAt }) => finishedAt !== null)!;
    const at = (place: 'heel' | 'middle' | 'tip', test: 'shaves' | 'tears-paper') => ({
      ...passedTest(test),
      place,
    });
    const title = (...tests: ReturnType<typeof at>[]): string =>
      progressTitle(
        placeProgress({ ...session, steps: [], after: { tests, findings: [] } }),
        0.7,
        false,
      );
    expect(title(at('heel', 'shaves'), at('tip', 'tears-paper'))).toMatch(
      /^Tip lags: about 4 µm \([\d.]+–[\d.]+ µm\), 0\.7 µm is asked\.$/,
    );
    expect(title(at('heel', 'shaves'), at('middle', 'shaves'))).toMatch(
      /^Every place does what is asked, 0\.7 µm: (heel|middle) last, about 0\.5 µm/,
    );
    expect(title(at('middle', 'shaves'))).toMatch(/^Middle: about .* It does what is asked/);
    expect(title()).toBe('Not tested since work began.');
  });
});

describe('ink', () => {
  const spine = { way: 'lift the spine', liftMm: 6, coins: {} } as HoldGuide;
  const rear = { way: 'tilt the stone', tiltDeg: 12, rearLiftMm: 9, leverMm: 60 } as HoldGuide;
  const turn = (turnDeg: number, byMm: number | null) => ({ says: 'turn', turnDeg, byMm }) as const;

  it('becomes one instruction, up or down, in millimetres and degrees', () => {
    expect(inkWords(turn(2, 0.62), spine, false)).toBe(
      'Raise the spine by 0.6 mm, 2°; then ink again and look.',
    );
    expect(inkWords(turn(-1, -1.3), rear, false)).toMatch(
      /^Lower the back end of the stone by 1\.3 mm, 1°/,
    );
    expect(inkWords(turn(2, null), { way: 'draw it over' }, false)).toMatch(
      /^Raise the strop by 2°/,
    );
  });

  it('at the edge is the fault where the edge is to be spared', () => {
    expect(inkWords(turn(-1, -0.6), spine, true)).toMatch(
      /^It grinds the edge itself away\. Lower/,
    );
    expect(inkWords({ says: 'held so' }, spine, true)).toMatch(/spares it: hold it so\.$/);
  });

  it('that has gone to the edge asks for nothing, and an edge at its bound keeps its angle', () => {
    expect(inkWords({ says: 'held so' }, spine, false)).toMatch(/hold it so\.$/);
    expect(inkWords({ says: 'no other' }, spine, false)).toMatch(/no other angle\.$/);
    expect(new Set(INK_SEEN.map((seen) => INK_WORDS[seen])).size).toBe(INK_SEEN.length);
  });
});

describe('an instrument', () => {
  it('says what to do, what it hears, and what it made no sense of', () => {
    const say = (change: { unsettled?: number; nonsense?: number }) =>
      instrumentWords('edge-tester', {
        phase: 'listening',
        unsettled: null,
        nonsense: 0,
        ...change,
      });
    expect(say({})).toBe(`Listening. ${INSTRUMENT_WORDS['edge-tester'].toDo}`);
    expect(say({ unsettled: 1.4024 })).toBe('Coming to rest, 143 g.');
    expect(say({ nonsense: 1 })).toMatch(/1 line of it made no sense and was left out/);
    expect(say({ nonsense: 3 })).toMatch(/3 lines of it made no sense and were left out/);
  });

  it('that is silent or gone says why, each in its own words', () => {
    const lost = (['offline', 'unplugged', 'refused', 'not chosen'] as const).map((why) =>
      instrumentWords('pocket-scale', { phase: 'lost', why }),
    );
    expect(new Set(lost).size).toBe(4);
    expect(instrumentWords('pocket-scale', { phase: 'silent' })).toMatch(
      /^The scale has said nothing/,
    );
    expect(instrumentWords('pocket-scale', { phase: 'connecting' })).toBe('Connecting …');
  });
});
