import { standings, type Standings } from '../core/inspection';
import { DEFAULT_PACE } from '../core/wear';
import { loggedSession } from '../domain/loggedSession';
import type { Inspection } from '../domain/session';
import { sample } from './sample';

const at = '2026-01-01T00:00:00.000Z';

/** Where the sample crew's edges stand, with some looks more than its log has. */
export function sampleStandings(more: readonly Inspection[] = []): Standings {
  return standings({
    tools: sample.tools,
    shelf: sample,
    sessions: sample.sessions.map(loggedSession),
    inspections: [...sample.inspections, ...more],
    settings: {
      id: 'settings',
      createdAt: at,
      updatedAt: at,
      deletedAt: null,
      demoLoadedAt: null,
      units: 'metric',
      person: null,
      coinThicknessMm: 2.3,
      strokesPerMinute: DEFAULT_PACE,
      forgotten: [],
    },
  });
}
