import { readFileSync } from 'node:fs';
import {
  benchAt,
  edgeNeeds,
  judgeEdge,
  checksOf,
  RUNGS,
  zoneStates,
  type ZoneState,
} from '../src/core/inspection';
import { handOf } from '../src/core/log';
import { analyseStropSeries } from '../src/core/sharpness';
import { stepSeries } from '../src/core/touchUp';
import { DEFAULT_PACE } from '../src/core/wear';
import { JOBS } from '../src/domain/terms';
import type { Tool } from '../src/domain/tool';
import { readBundle } from '../src/formats/bundle';
import { sample } from '../src/testing/sample';
import { sampleFile } from './records';

it('the shipped file is what the script makes, and fits the schemas', () => {
  const shipped = readFileSync('demo/tarrow-ness.json', 'utf8');
  expect(shipped).toBe(sampleFile());
  expect(readBundle(shipped).ok).toBe(true);
});

const benchOf = ({ schools }: Tool) =>
  benchAt({
    spot: 'bench',
    trip: null,
    now: '',
    shelf: sample,
    schools,
    hand: handOf({
      tools: sample.tools,
      sessions: sample.sessions,
      shelf: sample,
      pace: DEFAULT_PACE,
    }),
  });

it('holds eighteen months of touch-ups, every job that is done now and then among them', () => {
  expect(sample.tools).toHaveLength(9);
  expect(sample.abrasives).toHaveLength(13);
  expect(sample.helpers).toHaveLength(10);
  expect(sample.sessions.length).toBeGreaterThanOrEqual(30);
  expect(new Set(sample.sessions.map(({ job }) => job))).toEqual(
    new Set(JOBS.filter((job) => job !== 'angle' && job !== 'upkeep')),
  );
  const days = sample.sessions.map(({ startedAt }) => Date.parse(startedAt) / 86_400_000);
  expect(Math.max(...days) - Math.min(...days)).toBeGreaterThan(17 * 30);
});

it('shows learning: two stones with clear factors, and plans that come closer', () => {
  const { things } = handOf({
    tools: sample.tools,
    sessions: sample.sessions,
    shelf: sample,
    pace: DEFAULT_PACE,
  }).learned;
  expect(things['puck/coarse']!.factor).toBeGreaterThan(1.35);
  expect(things['diamond-rod/rod']!.factor).toBeLessThan(0.82);
  const misses = sample.sessions.flatMap(({ steps }) =>
    steps
      .filter(({ itemId }) => itemId === 'diamond-rod/rod')
      .map(({ left, plannedPerSide }) => Math.abs(Math.log(left / plannedPerSide))),
  );
  expect(misses.at(-1)!).toBeLessThan(misses[0]!);
});

it('has a chip that was left and worn out by later touch-ups', () => {
  const chips = sample.sessions
    .filter(({ toolId }) => toolId === 'plover')
    .map(({ before }) => before.findings.find(({ kind }) => kind === 'chip')?.depthMm ?? 0);
  const seen = chips.filter((depthMm) => depthMm > 0);
  expect(seen.length).toBeGreaterThan(2);
  expect(seen).toEqual([...seen].sort((a, b) => b - a));
  expect(chips.at(-1)).toBe(0);
});

it('has an edge that was over-stropped, and a session that was broken off', () => {
  const past = sample.sessions.find(({ notes }) => notes.includes('Too long on the belt'))!;
  expect(past.after.tests).toEqual(past.before.tests);
  expect(past.steps.at(-1)!.left).toBeGreaterThan(2 * past.steps.at(-1)!.plannedPerSide);
  const { readings, noiseGrams } = stepSeries(past, past.steps.length - 1)!;
  const judged = analyseStropSeries({ readings, noiseGrams });
  expect(judged.verdict).toBe('past-it');
  const broken = sample.sessions.find(({ notes }) => notes.includes('Broken off'))!;
  expect(broken.steps.at(-1)!.left).toBe(0);
});

const verdictOf = ({ tool, zone, state }: ZoneState) =>
  judgeEdge({
    tool,
    zone,
    seen: { tests: [...state.tests], findings: [...state.findings] },
    checks: checksOf(
      tool.id,
      sample.inspections.filter(({ toolId }) => toolId === tool.id),
    ),
    knownApexUm: null,
    history: sample.sessions.filter(({ toolId }) => toolId === tool.id),
    keenRadiusUm: state.keenUm,
    bench: benchOf(tool),
  });

it('shows every kind of verdict, one cracked haft included', () => {
  const verdicts = zoneStates(sample).map(verdictOf);
  expect(new Set(verdicts.map(({ rung }) => rung))).toEqual(new Set(RUNGS));
  expect(verdicts.find(({ rung }) => rung === 'stop use')!.reason).toMatchObject({
    stops: ['handle cracked'],
  });
});

it('rack and verdict agree on every tool: job and minutes', () => {
  for (const need of edgeNeeds({ ...sample, states: zoneStates(sample), benchOf })) {
    const verdict = verdictOf(need);
    expect(verdict.job).toBe(need.job);
    expect(verdict.plan?.minutes ?? null).toBe(need.plan?.minutes ?? null);
  }
});
