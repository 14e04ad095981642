import { greatest } from 'd3-array';
import { isAfter } from 'date-fns';
import type { Tool } from '../../domain/tool';
import { dayOfTrip, goesAlong, tripPhase } from '../../domain/tripDays';
import { rustRisk } from '../trip';
import { workingSteel } from '../wear';
import { dated, dayAtPace, row, type CareLog, type CareRow, type SpineUse } from './careRow';

/** What tools want: sheaths, handles, heads, a film on their steel, and a spine that is filed anew. */
export function toolRows(asked: CareLog): CareRow[] {
  const { tools, trip, inspections } = asked;
  return tools.flatMap((tool): CareRow[] => {
    const goes = trip !== null && goesAlong(trip, tool.id);
    const rows: CareRow[] = [];
    if (tool.sheath === 'leather') rows.push(dated(asked, tool, 'wax sheath', goes));
    const isShared = tools.some(({ id }) => id === tool.handleOf);
    if (tool.handle === 'wood' && !isShared) rows.push(dated(asked, tool, 'oil handle', goes));
    if (tool.head === 'wedged head' || tool.head === 'slip-on head') {
      const looked = inspections
        .filter(({ toolId, checks }) => toolId === tool.id && checks.head !== null)
        .map(({ at }) => at)
        .sort()
        .at(-1);
      rows.push(dated(asked, tool, 'head and haft', goes, looked ?? null, goes));
    }
    const rustAt = rustSeen(asked, tool);
    const backFromWetAt = wetSince(asked, tool);
    if (rustAt !== null || backFromWetAt !== null) {
      rows.push(row(asked, tool, 'film', { goes, rustAt, backFromWetAt, ownDueAt: asked.now }));
    } else if (!workingSteel(tool.steel).stainless) {
      const isHarsh = goes && rustRisk(tool, trip?.climate ?? []) === 'high';
      rows.push(dated(asked, tool, 'film', goes, null, isHarsh));
    }
    const spine = asked.spines.get(tool.id);
    if (spine) rows.push(spineRow(asked, tool, goes, spine));
    return rows;
  });
}

/** When the latest look at a tool found rust that no film has met since; null where none did. */
function rustSeen({ inspections, care }: CareLog, tool: Tool): string | null {
  const looks = inspections.filter(({ toolId }) => toolId === tool.id);
  const latest = greatest(looks, ({ at }) => Date.parse(at));
  if (!latest?.seen.findings.some(({ kind }) => kind === 'rust')) return null;
  return isFilmed(care, tool, latest.at) ? null : latest.at;
}

/** The last day of the latest trip on which a tool's steel rusts, where no film has met it since; else null. */
function wetSince({ trips, care, now }: CareLog, tool: Tool): string | null {
  const harsh = trips.filter(
    (trip) =>
      tripPhase(trip, now) === 'over' &&
      goesAlong(trip, tool.id) &&
      rustRisk(tool, trip.climate) === 'high',
  );
  const lastDays = harsh.map((trip) => dayOfTrip(trip, trip.days - 1).toISOString());
  const latest = greatest(lastDays);
  if (latest === undefined) return null;
  return isFilmed(care, tool, latest) ? null : latest;
}

/** Whether a film was put on a tool after a moment. */
function isFilmed(care: CareLog['care'], { id }: Tool, since: string): boolean {
  return care.some(
    ({ thingId, doing, kind, at }) =>
      thingId === id && doing === 'film' && kind === 'done' && isAfter(at, since),
  );
}

/** A hook that can be raised a few times more before its spine is filed. */
function spineRow(asked: CareLog, tool: Tool, goes: boolean, spine: SpineUse): CareRow {
  const { raised, most, aWeek, minutes } = spine;
  return row(asked, tool, 'file spine', {
    goes,
    ...(minutes === null ? {} : { minutes }),
    ...dayAtPace(asked, aWeek, raised, most),
    used: { amount: raised, most, unit: 'raisings', isUsual: true },
  });
}
