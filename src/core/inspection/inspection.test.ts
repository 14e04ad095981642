import { worstStretch } from '../sharpness';
import { edgeState, edgeNeeds, edgeWord, zoneStates } from '.';
import type { Inspection, Session } from '../../domain/session';
import { passedTest } from '../../domain/observation';
import type { SharpnessTest } from '../../domain/terms';
import { benchWith } from '../../testing/bench';
import { toolOf } from '../../testing/ladderFixtures';
import { sample } from '../../testing/sample';

const tool = toolOf('flat-knife');
const zone = { ...tool.zones[0]!, targetApexUm: 1 };
const look = (at: string, change: Partial<Inspection['seen']>): Inspection => ({
  ...sample.inspections[0]!,
  zoneId: 'edge',
  at,
  seen: { tests: [], findings: [], ...change },
});
const touchUp = (finishedAt: string | null, test: SharpnessTest): Session => ({
  ...sample.sessions[0]!,
  zoneId: 'edge',
  finishedAt,
  after: { tests: [passedTest(test)], findings: [] },
});

describe('the state of an edge', () => {
  it('is what the latest look has seen', () => {
    const sessions = [touchUp('2026-05-01T10:00:00.000Z', 'shaves')];
    const later = look('2026-05-09T10:00:00.000Z', { tests: [passedTest('tears-paper')] });
    expect(edgeState({ tool, zone, sessions, inspections: [] })).toMatchObject({ word: 'keen' });
    const tired = edgeState({ tool, zone, sessions, inspections: [later] });
    expect(tired).toMatchObject({ word: 'tired', observedAt: later.at });
    expect(tired.keenUm).toBeCloseTo(0.5, 9);
    const earlier = { ...later, at: '2026-04-01T10:00:00.000Z' };
    expect(edgeState({ tool, zone, sessions, inspections: [earlier] }).word).toBe('keen');
  });

  it('is not known before a test, and unfinished work says nothing', () => {
    const underWay = touchUp(null, 'shaves');
    expect(edgeState({ tool, zone, sessions: [underWay], inspections: [] })).toMatchObject({
      word: 'unknown',
      apex: null,
      damageDepthMm: 0,
    });
  });

  it('is judged by its bluntest stretch', () => {
    const tests = [passedTest('shaves'), passedTest('tears-paper', 'tip')];
    expect(worstStretch(tests).apexRadiusUm).toBeCloseTo(4, 9);
  });

  it('gets no better a word with more damage or a rounder apex', () => {
    const words = ['keen', 'works', 'tired', 'blunt'];
    const rank = (ratio: number, depthMm: number) => words.indexOf(edgeWord(ratio, 1, depthMm));
    for (const ratio of [0.5, 1.5, 3, 8]) {
      for (const depthMm of [0, 0.05, 0.2, 0.9]) {
        expect(rank(ratio, depthMm + 0.3)).toBeGreaterThanOrEqual(rank(ratio, depthMm));
        expect(rank(ratio * 2, depthMm)).toBeGreaterThanOrEqual(rank(ratio, depthMm));
      }
    }
  });
});

describe('what the rack needs', () => {
  const states = zoneStates(sample);
  const needs = edgeNeeds({ states, sessions: sample.sessions, benchOf: () => benchWith([]) });

  it('covers every zone, most urgent first', () => {
    expect(states).toHaveLength(10);
    expect(needs[0]).toMatchObject({ tool: { name: 'Knap' }, beyond: 'stop use', plan: null });
    const order = ['blunt', 'tired', 'works', 'unknown', 'keen'];
    const ranks = needs.slice(1).map(({ state }) => order.indexOf(state.word));
    expect(ranks).toEqual([...ranks].sort());
  });

  it('plans with what is at hand, and nothing is at hand here', () => {
    const outcome = (name: string) => needs.find(({ tool }) => tool.name === name)!.plan?.outcome;
    expect(outcome('Wren')).toBe('out of reach');
    expect(outcome('Heron')).toBeUndefined();
    expect(needs.find(({ zone }) => zone.id === 'fine')!.plan!.outcome).toBe('leave alone');
  });
});
