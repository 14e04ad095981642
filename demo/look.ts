import { NO_CHECKS, passedTest } from '../src/domain/observation';
import type { Finding, Inspection } from '../src/domain/session';
import type { SharpnessTest } from '../src/domain/terms';

/** A look at an edge between touch-ups. */
export function look(
  id: string,
  at: string,
  toolId: string,
  zoneId: string,
  test: SharpnessTest,
  more: { findings?: Finding[]; notes?: string; tripId?: string } = {},
): Inspection {
  const { findings = [], notes = '', tripId = null } = more;
  return {
    id,
    createdAt: at,
    updatedAt: at,
    deletedAt: null,
    toolId,
    zoneId,
    tripId,
    at,
    seen: { tests: [passedTest(test)], findings },
    lookedAlong: true,
    checks: NO_CHECKS,
    notes,
  };
}
