import type { LoggedSession } from '../../domain/loggedSession';
import type { Inspection } from '../../domain/session';
import type { Tool } from '../../domain/tool';
import type { Trip } from '../../domain/trip';
import { learn, type Evidence } from '../evidence';
import { grouped } from '../grouped';
import type { Pace } from '../wear';
import { workedSessions } from './finished';
import { isForgotten, type FamilyOf, type Forgotten } from './forgotten';
import { forecastsBefore } from './stateBefore';
import { paceEvidence, strokesEvidence } from './stepEvidence';
import { dullingEvidence, lastingEvidence } from './workEvidence';

/** Everything that a log's entries are evidence of, oldest first; what was forgotten is left out. */
export function evidenceOf(log: {
  /** As they are stated: the baseline of dulling goes by them. */
  tools: readonly Tool[];
  sessions: readonly LoggedSession[];
  /** Where dulling is asked for. */
  inspections?: readonly Inspection[];
  trips?: readonly Trip[];
  familyOf: FamilyOf;
  pace: Pace;
  forgotten?: Forgotten;
}): Evidence[] {
  const { tools, sessions, inspections = [], trips = [], familyOf, pace, forgotten = [] } = log;
  const sessionsOf = grouped(sessions, ({ toolId }) => toolId);
  const inspectionsOf = grouped(inspections, ({ toolId }) => toolId);
  const edges = tools.flatMap((tool) => {
    const own = {
      trips: trips.filter(({ work }) => work.some(({ toolId }) => toolId === tool.id)),
      sessions: sessionsOf.get(tool.id) ?? [],
      inspections: inspectionsOf.get(tool.id) ?? [],
    };
    return tool.zones.map((zone) => ({ tool, zone, own }));
  });
  const ofWork = edges.flatMap(({ tool, zone, own }): Evidence[] => [
    ...dullingEvidence(tool, zone, own),
    ...lastingEvidence(tool, zone, own),
  ]);
  // Tests tell how fast an edge dulls, and that tells how round it was before a stone met it.
  const { dulling } = learn({ evidence: ofWork, stated: [] });
  const forecasts = new Map(
    edges.flatMap(({ tool, zone, own }) => [...forecastsBefore(tool, zone, own, dulling)]),
  );
  const ofHand = workedSessions(sessions).flatMap((session): Evidence[] => [
    ...strokesEvidence(session, familyOf, forecasts.get(session.id)).filter(
      ({ itemId, at }) => !isForgotten(forgotten, itemId, at),
    ),
    ...paceEvidence(session, pace).filter(({ at }) => !isForgotten(forgotten, 'pace', at)),
  ]);
  return [...ofHand, ...ofWork];
}
