import fc from 'fast-check';
import { contactOf, heldStep, inkAnswer, stepHold } from '../core/hold/index';
import { planJob } from '../core/inspection/index';
import { zoneLeft } from '../core/jobs/index';
import { shelfAbrasives, workingFace } from '../core/ladder/index';
import { plannedSteps } from '../core/touchUp/index';
import { INK_SEEN, JOBS } from '../domain/terms';
import { toolSchema } from '../domain/tool';
import { anyLook, anyMeasuredTool } from '../testing/anything';
import { benchWith } from '../testing/bench';
import { sample } from '../testing/sample';
import { AIM_GRINDS } from '../ui/jobAddress';
import { schoolWords } from '../ui/schoolWords';
import { deg, mm } from '../ui/format';
import { feelWords } from './guide/words/feelWords';
import { handWords } from '../ui/words/handWords';
import { heldAt, holdDetail, holdInShort, holdLine } from '../ui/words/holdWords';
import { inkWords } from '../ui/words/inkWords';
import { stepWords } from '../ui/words/stepWords';

jest.setTimeout(90_000);

/** Whatever a tool measures, whatever is to be done to it: one hold a step, told alike wherever it is told. */

const abrasives = shelfAbrasives(sample).map(({ abrasive }) => abrasive);
const coinThicknessMm = 2.33;

const asked = fc.record({
  tool: anyMeasuredTool,
  seen: anyLook,
  job: fc.constantFrom(...JOBS.filter((job) => job !== 'spine')),
  grind: fc.constantFrom(...AIM_GRINDS),
  turnDeg: fc.integer({ min: -4, max: 8 }),
});

const expectWords = (words: string): void => {
  expect(words).not.toMatch(/NaN|undefined|null|Infinity|\[object|^\s|\s$| {2}/);
  expect(words.length).toBeGreaterThan(2);
};

it('every step of every job is held at one angle, in plan, guide, look and log, and the tool keeps it', () => {
  fc.assert(
    fc.property(asked, ({ tool, seen, job, grind, turnDeg }) => {
      const zone = tool.zones[0]!;
      const plan = planJob({
        tool,
        zone,
        job,
        spineWork: null,
        aim: { grind, angleDeg: Math.min(60, Math.max(5, zone.bevelAngleDeg + turnDeg)) },
        seen,
        knownApexUm: null,
        keenRadiusUm: null,
        sessions: [],
        bench: benchWith(abrasives),
      });
      if (plan?.outcome !== 'planned') return;
      const held = { tool, zone, coinThicknessMm };
      const logged = plannedSteps(plan, () => ({ doneWhen: [], warnings: [] }));
      plan.steps.forEach((step, i) => {
        const hold = stepHold(heldStep(step), held)!;
        expect(stepHold(logged[i]!, held)).toEqual(hold);
        const { guide } = hold;
        const line = holdLine(hold);
        [line, heldAt(hold), holdInShort(guide), holdDetail(guide), handWords(logged[i]!)].forEach(
          expectWords,
        );
        expect(line).toContain(`${deg(hold.angleDeg)} per side`);
        if (guide.way === 'lift the spine') expect(line).toContain(mm(guide.liftMm));
        if (guide.way === 'tilt the stone') expect(line).toContain(mm(guide.rearLiftMm));
        for (const sight of INK_SEEN) {
          const answer = inkAnswer(sight, hold, heldStep(step), held);
          expectWords(inkWords(answer, guide, contactOf(step) === 'behind'));
        }
        [...schoolWords(tool, zone, step), feelWords(logged[i]!, true)].forEach(expectWords);
        const { doneWhen, warnings } = stepWords(step, false);
        [...doneWhen, ...warnings].forEach(expectWords);
      });
      const left = zoneLeft(plan.steps);
      if (!left) return;
      toolSchema.validateSync({ ...tool, zones: [left] }, { strict: true });
      // What the steps after the last change are held at is the angle that the tool then keeps.
      const last = plan.steps.findLastIndex(({ zoneAfter }) => zoneAfter !== null);
      const after = workingFace(tool, left).angleDeg;
      const kept = [after, left.facet?.angleDeg ?? after];
      for (const step of plan.steps.slice(last + 1)) {
        if (!['restore the apex', 'remove scratches', 'strop'].includes(step.task)) continue;
        expect(kept.some((angle) => Math.abs(angle - step.angleDeg) < 0.01)).toBe(true);
      }
    }),
    { numRuns: 150 },
  );
});
