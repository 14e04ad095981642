import fc from 'fast-check';
import { asksForWork, adviseAngle, judgeEdge } from '../core/inspection/index';
import { shelfAbrasives, whyUnfit, workingFace } from '../core/ladder/index';
import { schoolCosts } from '../core/schools/index';
import { NO_CHECKS } from '../domain/observation';
import { SCHOOL_QUESTIONS, type SchoolQuestion } from '../domain/schools';
import { TASKS } from '../domain/tasks';
import type { ToolChecks } from '../domain/session';
import type { Tool } from '../domain/tool';
import { anyLook, anyTool } from '../testing/anything';
import { benchWith, usualHand } from '../testing/bench';
import { toolOf } from '../testing/ladderFixtures';
import { sample } from '../testing/sample';
import { sampleStandings } from '../testing/sampleStandings';
import { adviceWords, angleReason } from './inspect/words/angleWords';
import { edgeStands, workInWords, workWithMinutes } from '../ui/words/needWords';
import { feelWords } from './guide/words/feelWords';
import { schoolNoteWords } from './tool/words/schoolNotes';
import { stepWords } from '../ui/words/stepWords';
import { stopWords } from '../ui/words/stopWords';
import { unfitWords } from '../ui/words/unfitWords';
import { heavierWords, lighterWords, verdictReason } from './inspect/words/verdictWords';
import { TOOL_KINDS, type ToolKind } from '../domain/kinds';

jest.setTimeout(60_000);

/** What is said of any edge, whatever the tool, the keeper and the look: words, and never a broken number. */

const abrasives = shelfAbrasives(sample).map(({ abrasive }) => abrasive);

const expectWords = (words: string): void => {
  expect(words).not.toMatch(/NaN|undefined|null|Infinity|\[object|^\s|\s$| {2}/);
  expect(words.length).toBeGreaterThan(2);
};
const expectSentences = (words: string): void => {
  expectWords(words);
  expect(words).toMatch(/^[A-Z0-9].*\.$/s);
};

const anyChecks = fc
  .record({
    head: fc.constantFrom<ToolChecks['head']>(null, 'tight', 'loose'),
    blade: fc.constantFrom<ToolChecks['blade']>(null, 'sound', 'cracked'),
  })
  .map((some): ToolChecks => ({ ...NO_CHECKS, ...some }));

describe('of any edge that is judged', () => {
  it('its verdict, why nothing lighter, and what heavier would waste are sentences', () => {
    fc.assert(
      fc.property(anyTool, anyLook, anyChecks, (tool, seen, checks) => {
        const verdict = judgeEdge({
          tool,
          zone: tool.zones[0]!,
          seen,
          checks,
          history: [],
          knownApexUm: null,
          keenRadiusUm: null,
          bench: benchWith(abrasives),
        });
        expectSentences(verdictReason(verdict.reason));
        for (const words of [lighterWords(verdict), heavierWords(verdict)])
          if (words !== null) expectSentences(words);
        for (const step of verdict.plan?.steps ?? []) {
          const { doneWhen, warnings } = stepWords(step, /axe|hatchet/.test(tool.kind));
          expect(doneWhen.length).toBeGreaterThan(0);
          doneWhen.forEach(expectWords);
          warnings.forEach(expectSentences);
          const { abrasive, task, direction, lubricant } = step;
          const form = abrasive.kind === 'strop' ? null : abrasive.form;
          expectSentences(
            feelWords({ kind: abrasive.kind, form, task, direction, lubricant }, false),
          );
        }
        for (const { reason } of verdict.plan?.leftOut ?? []) expectWords(unfitWords(reason));
      }),
      { numRuns: 60 },
    );
  });

  it('its angle is advised in degrees, with the reason', () => {
    fc.assert(
      fc.property(anyTool, fc.subarray([...TASKS], { maxLength: 3 }), (tool, tasks) => {
        const zone = tool.zones[0]!;
        const logged = { sessions: [], inspections: [] };
        const advice = adviseAngle({ tool, zone, ...logged, tasks });
        expectWords(adviceWords(advice, workingFace(tool, zone).angleDeg));
        expectSentences(angleReason(advice.reason));
      }),
    );
  });

  it('what cannot work it says why', () => {
    fc.assert(
      fc.property(anyTool, (tool) => {
        const face = workingFace(tool, tool.zones[0]!);
        for (const abrasive of abrasives) {
          const reason = whyUnfit(abrasive, face);
          if (reason) expectWords(unfitWords(reason));
        }
      }),
    );
  });
});

it('what every school costs is said for every kind of tool', () => {
  const noted = new Set<string>();
  const costsOf = (question: SchoolQuestion, kind: ToolKind) => {
    const tool: Tool = toolOf(kind);
    const asked = { tool, zone: tool.zones[0]!, shelf: sample, hand: usualHand };
    return schoolCosts(question, asked);
  };
  for (const kind of TOOL_KINDS)
    for (const question of SCHOOL_QUESTIONS)
      for (const { note } of costsOf(question, kind)) {
        if (!note) continue;
        noted.add(note.kind);
        expectSentences(schoolNoteWords(note));
      }
  expect(noted.size).toBeGreaterThan(6);
});

it('every list says one thing of each edge of the sample, in the same words', () => {
  const { needs } = sampleStandings();
  expect(needs.length).toBeGreaterThan(8);
  for (const need of needs) {
    const words = workInWords(need);
    expectWords(words);
    expect(workWithMinutes(need).startsWith(words)).toBe(true);
    expect(edgeStands(need) === 'stop use').toBe(need.stops.length > 0);
    if (need.stops.length > 0) expectWords(stopWords(need.stops));
    if (need.state.word === 'keen' && need.beyond === null && !need.thinning)
      expect(asksForWork(need)).toBe(need.plan?.outcome !== 'leave alone' && need.plan !== null);
  }
});
