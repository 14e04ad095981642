import fc from 'fast-check';
import { advance, handInSets, setsOf, type GuideEvent } from '.';
import { passedTest, readGrams } from '../../domain/observation';
import { sessionSchema, type Session } from '../../domain/session';
import { COUNT_SCHEMES, DEBURR_WAYS, INK_SEEN, SIDES, SKIP_REASONS } from '../../domain/terms';
import { sample } from '../../testing/sample';

/** The guide as a machine: whatever two hands do in two tabs, nothing is lost and it can be finished. */

const walked = sample.sessions.find(({ steps }) => steps.length >= 3)!;
const fresh: Session = {
  ...walked,
  finishedAt: null,
  pausedAt: null,
  stepIndex: 0,
  side: 'left',
  after: { tests: [], findings: [] },
  steps: walked.steps.map((step) => ({
    ...step,
    left: 0,
    right: 0,
    activeSeconds: 0,
    tests: [],
    inkChecks: [],
    burrWalks: [],
    skipped: null,
    deburred: null,
    finishedAt: null,
  })),
};

/** What a person does, not yet knowing at which step: that is filled in from what their tab shows. */
const doing = fc.oneof(
  fc.record({ type: fc.constant('stroke' as const), count: fc.integer({ min: 1, max: 12 }) }),
  fc.record({
    type: fc.constant('set stroke' as const),
    scheme: fc.constantFrom(...COUNT_SCHEMES),
  }),
  ...(
    ['take back', 'turn over', 'next step', 'previous step', 'tick', 'pause', 'resume'] as const
  ).map((type) => fc.record({ type: fc.constant(type) })),
  fc.record({ type: fc.constant('skip step' as const), reason: fc.constantFrom(...SKIP_REASONS) }),
  fc.record({ type: fc.constant('go on with' as const) }),
  fc.record({
    type: fc.constant('test' as const),
    reading: fc.constantFrom(
      passedTest('shaves'),
      passedTest('slices-paper', 'tip'),
      readGrams(160),
    ),
  }),
  fc.record({ type: fc.constant('ink' as const), seen: fc.constantFrom(...INK_SEEN) }),
  fc.record({
    type: fc.constant('burr' as const),
    side: fc.constantFrom(...SIDES),
    felt: fc.array(fc.boolean(), { minLength: 3, maxLength: 3 }),
  }),
  fc.record({ type: fc.constant('deburr' as const), way: fc.constantFrom(...DEBURR_WAYS, null) }),
);
/** Who does it, and whether that tab has heard of the other's doing by then. */
const turn = fc.record({ tab: fc.constantFrom(0, 1), hears: fc.boolean(), does: doing });

/** The event that a tab sends, by what it shows. */
function sent(
  does: typeof doing extends fc.Arbitrary<infer D> ? D : never,
  shown: Session,
  at: string,
): GuideEvent {
  const from = shown.stepIndex;
  switch (does.type) {
    case 'set stroke':
      return { type: 'stroke', sets: setsOf(does.scheme, shown.steps[from]!.plannedPerSide), at };
    case 'next step':
    case 'previous step':
      return { type: does.type, from, at };
    case 'skip step':
      return { ...does, from, at };
    case 'go on with':
      return { type: 'go on with', from, steps: fresh.steps.slice(-1), at };
    default:
      return { ...does, at } as GuideEvent;
  }
}

const strokesIn = ({ steps }: Session): number =>
  steps.reduce((sum, { left, right }) => sum + left + right, 0);

it('two tabs never lose a stroke, skip a step, or come to a dead end', () => {
  fc.assert(
    fc.property(fc.array(turn, { minLength: 1, maxLength: 60 }), (turns) => {
      let stored = fresh;
      const shown = [fresh, fresh];
      turns.forEach(({ tab, hears, does }, i) => {
        if (hears) shown[tab] = stored;
        const at = new Date(Date.UTC(2026, 4, 1, 10, 0, 3 * i)).toISOString();
        const event = sent(does, shown[tab]!, at);
        const before = stored;
        // The data layer does each change on what is stored, in a transaction of its own.
        stored = advance(before, event);
        shown[tab] = stored;

        const more = strokesIn(stored) - strokesIn(before);
        const counted = before.steps[before.stepIndex]![before.side];
        if (event.type === 'stroke') expect(more).toBe(event.count ?? 1);
        else if (event.type === 'take back' && counted > 0) expect(more).toBe(-1);
        else expect(more).toBe(0);
        if (stored.stepIndex > before.stepIndex) {
          expect('from' in event && event.from).toBe(before.stepIndex);
          expect(stored.steps[before.stepIndex]!.finishedAt).not.toBeNull();
        }
        expect(stored.stepIndex).toBeLessThan(stored.steps.length);
        if (stored.steps.length <= 20) sessionSchema.validateSync(stored, { strict: true });
      });
      const at = '2026-05-01T12:00:00.000Z';
      const done = advance(stored, { type: 'finish', findings: [], notes: '', at });
      expect(done.finishedAt).toBe(at);
      expect(strokesIn(done)).toBe(strokesIn(stored));
      expect(advance(done, { type: 'stroke', at })).toBe(done);
    }),
    { numRuns: 300 },
  );
});

it('sets lead every step to its end, and go on past it', () => {
  fc.assert(
    fc.property(fc.constantFrom(...COUNT_SCHEMES), fc.integer({ min: 1, max: 80 }), (scheme, n) => {
      const sets = setsOf(scheme, n);
      let session: Session = { ...fresh, steps: [{ ...fresh.steps[0]!, plannedPerSide: n }] };
      const most = 2 * sets.reduce((a, b) => a + b, 0);
      for (let i = 0; i < most; i += 1) {
        expect(handInSets(sets, session.steps[0]!)!.set).toBeLessThan(sets.length);
        session = advance(session, { type: 'stroke', sets, at: '2026-05-01T10:00:00.000Z' });
      }
      expect(handInSets(sets, session.steps[0]!)!.set).toBe(sets.length);
      expect(session.steps[0]!.left).toBe(session.steps[0]!.right);
    }),
  );
});
