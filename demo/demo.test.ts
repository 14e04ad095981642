import { readFileSync } from 'node:fs';
import {
  abrasivesAtHand,
  DEFAULT_PACE,
  judgeEdge,
  latestChecks,
  RUNGS,
  zoneStates,
} from '../src/core';
import { JOBS } from '../src/domain/terms';
import { readBundle } from '../src/formats/bundle';
import { sample } from '../src/testing/sample';
import { sampleFile } from './records';

it('the shipped file is what the script makes, and fits the schemas', () => {
  const shipped = readFileSync('demo/tarrow-ness.json', 'utf8');
  expect(shipped).toBe(sampleFile());
  expect(readBundle(shipped).ok).toBe(true);
});

it('holds what the screens show: a dozen abrasives, touch-ups that show learning, every job', () => {
  expect(sample.tools).toHaveLength(9);
  expect(sample.abrasives).toHaveLength(12);
  expect(sample.sessions).toHaveLength(18);
  expect(new Set(sample.sessions.map(({ job }) => job))).toEqual(new Set(JOBS));
  const effort = sample.sessions.map(({ steps }) => steps[0]!.left / steps[0]!.plannedPerSide);
  expect(effort.at(-1)).toBeLessThan(effort[0]!);
});

it('has an edge that was over-stropped', () => {
  const past = sample.sessions.find(({ notes }) => notes.includes('Too long on the belt'))!;
  expect(past.after.tests).toEqual(past.before.tests);
  const strop = past.steps.at(-1)!;
  expect(strop.left).toBeGreaterThan(2 * strop.plannedPerSide);
});

it('shows every kind of verdict, one cracked haft included', () => {
  const abrasives = abrasivesAtHand(sample);
  const verdicts = zoneStates(sample).map(({ tool, zone, state }) =>
    judgeEdge({
      tool,
      zone,
      seen: { tests: [...state.tests], findings: [...state.findings] },
      checks: latestChecks(sample.inspections.filter(({ toolId }) => toolId === tool.id)),
      knownApexUm: null,
      history: sample.sessions,
      keenRadiusUm: state.keenUm,
      abrasives,
      pace: DEFAULT_PACE,
    }),
  );
  expect(new Set(verdicts.map(({ rung }) => rung))).toEqual(new Set(RUNGS));
  expect(verdicts.map(({ reason }) => reason).join()).toContain('haft or handle is cracked');
});
