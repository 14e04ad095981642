import { toast } from 'sonner';
import { advance, isZeroGround, thinningWork } from '../../core';
import type { Store } from '../../data';
import type { Finding, Session } from '../../domain/session';
import type { Tool, Zone } from '../../domain/tool';

/** What thinning is planned to leave of a zone; null where its measures stay as they are. */
export function plannedZone({ job }: Session, tool: Tool, zone: Zone): Zone | null {
  return job === 'thin' && !isZeroGround(zone) ? thinningWork(tool, zone).zoneAfter : null;
}

/** Writes the end of a thinning into the log and its measures into the tool, both or neither. */
export async function finishThinned(
  store: Store,
  end: { session: Session; findings: Finding[]; notes: string; measured: Zone },
): Promise<void> {
  const { session, findings, notes, measured } = end;
  const at = new Date().toISOString();
  const before = (await store.tools.get(session.toolId))?.zones;
  await store.whole.editTogether([
    {
      store: 'sessions',
      id: session.id,
      change: (present) => advance(present, { type: 'finish', findings, notes, at }),
    },
    {
      store: 'tools',
      id: session.toolId,
      change: (tool) => withZone(tool, { ...measured, measuredAt: at }, at),
    },
  ]);
  toast('The zone has its new measures.', {
    action: {
      label: 'Undo',
      onClick: () => {
        const old = before?.find(({ id }) => id === measured.id);
        const now = new Date().toISOString();
        if (old) void store.tools.update(session.toolId, (tool) => withZone(tool, old, now));
      },
    },
  });
}

function withZone(tool: Tool, zone: Zone, at: string): Tool {
  return {
    ...tool,
    updatedAt: at,
    zones: tool.zones.map((each) => (each.id === zone.id ? zone : each)),
  };
}
