import { guideWords as say } from './words/guideWords';
import { notice } from '../../ui/notice';
import { advance } from '../../core/touchUp';
import type { Finding, Session } from '../../domain/session';
import { isWorked } from '../../domain/observation';
import type { Tool, Zone } from '../../domain/tool';
import { noteOil, type Store } from '../../live';
import { stampNow } from '../../domain/clock';

/** Whether some of an arc's facets were ground, and not the last: its angle is then nobody's guess. */
export function isHalfAnArc({ steps }: Session): boolean {
  const facets = steps.filter(({ task }) => task === 'grind a facet of the arc');
  return facets.some(isWorked) && !isWorked(facets.at(-1)!);
}

/** What happens to a facet that a narrow band has left. */
export type FacetChoice = 'blend it next time' | 'keep it as a micro-bevel';

/** A zone whose facet is kept: as a micro-bevel where it runs all along, else where it is. */
export function withKeptFacet(zone: Zone): Zone {
  const { facet } = zone;
  if (!facet) return zone;
  const { angleDeg, faceWidthMm, startMm, endMm } = facet;
  const allAlong = startMm <= zone.startMm && endMm >= zone.endMm;
  return allAlong
    ? {
        ...zone,
        facet: null,
        microBevel: { angleDeg, faceWidthMm: Math.min(10, Math.max(0.02, faceWidthMm)) },
      }
    : { ...zone, facet: { ...facet, kept: true } };
}

/** The measures of a zone that grinding changes; what it is called and what it must do stay. */
function withGeometry(kept: Zone, ground: Zone, measuredAt: string | null): Zone {
  const { grind, bevelAngleDeg, primaryAngleDeg, shoulderThicknessMm } = ground;
  const { microBevel, hollowRadiusMm, facet } = ground;
  return {
    ...kept,
    grind,
    bevelAngleDeg,
    primaryAngleDeg,
    shoulderThicknessMm,
    microBevel,
    hollowRadiusMm,
    facet,
    measuredAt: measuredAt ?? kept.measuredAt,
  };
}

/**
 * Writes the end of a session into the log and what it has left of the zone into the tool, both or
 * neither. A facet alone is no new measure of the zone.
 */
export async function finishMeasured(
  store: Store,
  end: { session: Session; findings: Finding[]; notes: string; ground: Zone; facetOnly: boolean },
): Promise<void> {
  const { session, findings, notes, ground, facetOnly } = end;
  const at = stampNow();
  const act = await store.whole.editTogether(
    [
      {
        store: 'sessions',
        id: session.id,
        change: (present) => advance(present, { type: 'finish', findings, notes, at }),
      },
      {
        store: 'tools',
        id: session.toolId,
        change: (tool) =>
          changeZone(tool, ground.id, at, (kept) =>
            facetOnly && !ground.microBevel === !kept.microBevel
              ? { ...kept, facet: ground.facet }
              : withGeometry(kept, ground, at),
          ),
      },
    ],
    { cause: 'touch-up', sessionId: session.id },
  );
  await noteOil(store, session);
  void notice(facetOnly ? say.facetIsSaved : say.theNewMeasuresAreSaved, {
    action: {
      label: say.undo,
      // The touch-up was done all the same: only the tool goes back.
      onClick: () => void store.whole.undo(act.filter((own) => own.store === 'tools')),
    },
  });
}

function changeZone(tool: Tool, zoneId: string, at: string, change: (zone: Zone) => Zone): Tool {
  return {
    ...tool,
    updatedAt: at,
    zones: tool.zones.map((each) => (each.id === zoneId ? change(each) : each)),
  };
}
