import { sample } from '../../testing/sample';
import type { SessionStep } from '../../domain/session';
import { stuckCauses } from '.';

const step = sample.sessions.flatMap(({ steps }) => steps).find(({ kind }) => kind === 'stone')!;
const kinds = (change: Partial<SessionStep>) =>
  stuckCauses({ ...step, inkChecks: [], burrWalks: [], ...change }).map(({ kind }) => kind);
const ink = (seen: SessionStep['inkChecks'][number]['seen']) => ({
  inkChecks: [{ strokes: 20, seen }],
});

describe('why a step is stuck', () => {
  it('looks for the apex first, and for work that is done already last', () => {
    expect(kinds({})).toEqual([
      'not at the apex',
      'loaded',
      'too light',
      'too fine',
      'past it already',
    ]);
  });

  it('leaves out what ink has shown to be right, and goes by its last word', () => {
    expect(kinds(ink('gone to the edge'))).not.toContain('not at the apex');
    const both = {
      inkChecks: [...ink('gone to the edge').inkChecks, ...ink('left at the edge').inkChecks],
    };
    expect(kinds(both)[0]).toBe('not at the apex');
  });

  it('asks whether it is done where a burr was felt along the whole length', () => {
    const walk = (felt: boolean[]) => ({
      burrWalks: [{ strokes: 30, side: 'left' as const, felt }],
    });
    expect(kinds(walk([true, true, true]))[0]).toBe('past it already');
    expect(kinds(walk([true, false, true]))[0]).toBe('not at the apex');
  });

  it('of a strop speaks of no burr and of no coarser stone', () => {
    expect(kinds({ kind: 'strop' })).toEqual(['not at the apex', 'loaded', 'too light']);
  });
});
