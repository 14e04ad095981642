import { compareAsc, isAfter } from 'date-fns';
import type { Trip } from '../../domain/trip';
import { dayOfTrip, goesAlong, tripPhase } from '../../domain/tripDays';
import {
  type CareLog,
  type CareRow,
  counted,
  row,
  usedUp,
  dated,
  dayAtPace,
  type SpineUse,
} from './careRow';
import { FAMILIES } from '../../domain/families';
import { dishAngleError } from '../edge';
import { shelfWithin, otherFaceId, otherFaceName } from '../ladder';
import type { SurfaceUse } from '../log';
import { PRIORS } from '../priors';
import type { Compound, Strop } from '../../domain/shelf';
import { greatest } from 'd3-array';
import type { Tool } from '../../domain/tool';
import { rustRisk } from '../trip';
import { workingSteel } from '../wear';

/** After everything that is due. */
const NEVER = '9999-12-31T00:00:00.000Z';

/** Everything that is due on tools, stones and strops, by use and by the calendar, the most pressing first. */
export function careRows(asked: CareLog): CareRow[] {
  const rows = [
    ...stoneRows(asked),
    ...stropRows(asked),
    ...compoundRows(asked),
    ...toolRows(asked),
  ];
  return rows.sort((a, b) => compareAsc(a.dueAt ?? NEVER, b.dueAt ?? NEVER));
}

/** Rows of what goes on a trip that are due by its morning, and not put off past it; none once it has begun. */
export function careBeforeTrip(rows: readonly CareRow[], trip: Trip, now: string): CareRow[] {
  if (tripPhase(trip, now) !== 'ahead') return [];
  const start = dayOfTrip(trip, 0).toISOString();
  return rows.filter(
    ({ goes, dueAt, putOff }) =>
      goes && dueAt !== null && !isAfter(dueAt, start) && !(putOff && isAfter(putOff.until, start)),
  );
}

/** Rows of what came back from a trip in wet or salt, and has had no film since. */
export function careAfterTrip(rows: readonly CareRow[], trip: Trip): CareRow[] {
  const lastDay = dayOfTrip(trip, trip.days - 1).toISOString();
  return rows.filter(
    ({ thingId, backFromWetAt }) => goesAlong(trip, thingId) && backFromWetAt === lastDay,
  );
}

/** What stones, files and papers want: to be flat, to be clean, and a fresh face in its time. */
function stoneRows(asked: CareLog): CareRow[] {
  const along = new Set(shelfWithin(asked.shelf, 'camp').abrasives.map(({ id }) => id));
  return asked.shelf.abrasives.flatMap((stone): CareRow[] => {
    const { id, dishMm, lengthMm, faces } = stone;
    const use = totalUse(faces.map((face) => asked.surfaceUse.get(`${id}/${face.id}`)));
    const goes = along.has(id);
    const rows: CareRow[] = [];
    const hollowDeg = dishAngleError({ sagMm: dishMm, lengthMm });
    if (hollowDeg >= PRIORS.notableHollowDeg.value) {
      rows.push(row(asked, stone, 'flatten', { goes, hollowDeg, ownDueAt: asked.now }));
    } else if (faces.some(({ family }) => FAMILIES[family].wearsHollow) && use) {
      rows.push(counted(asked, stone, 'flatten', use, goes));
    }
    if (faces.some(({ state }) => state === 'loaded' || state === 'glazed')) {
      rows.push(row(asked, stone, 'scrub', { goes, isClogged: true, ownDueAt: asked.now }));
    } else if (use && stone.form !== 'paper') rows.push(counted(asked, stone, 'scrub', use, goes));
    if (stone.freshLeft !== null && use)
      rows.push(usedUp(asked, stone, stone.freshLeft, use, goes));
    return rows;
  });
}

function totalUse(all: readonly (SurfaceUse | undefined)[]): SurfaceUse | null {
  const uses = all.flatMap((use) => use?.uses ?? []).sort((a, b) => a.atMs - b.atMs);
  return uses.length > 0 ? { uses } : null;
}

/** What strops want: compound, to be scraped clean, a fresh face, and oil on their leather. */
function stropRows(asked: CareLog): CareRow[] {
  const along = new Set(shelfWithin(asked.shelf, 'camp').strops.map(({ id }) => id));
  return asked.shelf.strops.flatMap((strop) => {
    const goes = along.has(strop.id);
    const faces = facesOf(strop).flatMap((face) => faceRows(asked, strop, face, goes));
    const leather = facesOf(strop).some(({ surface }) => surface === 'leather');
    return leather ? [...faces, dated(asked, strop, 'oil leather', goes)] : faces;
  });
}

type Face = { id: string; name: string } & Pick<Strop, 'surface' | 'compoundId'>;

/** All faces of a strop, each by the id that the log knows it by. */
function facesOf(strop: Strop): Face[] {
  const { id, name, surface, compoundId, otherFaces } = strop;
  const others = otherFaces.map((face, i) => ({
    id: otherFaceId(id, i),
    name: otherFaceName(name, i),
    surface: face.surface,
    compoundId: face.compoundId,
  }));
  return [{ id, name, surface, compoundId }, ...others];
}

function faceRows(asked: CareLog, strop: Strop, face: Face, goes: boolean): CareRow[] {
  const use = asked.surfaceUse.get(face.id);
  if (!use) return [];
  const rows: CareRow[] = [];
  if (face.compoundId) rows.push(counted(asked, face, 'load', use, goes));
  if (strop.freshLeft !== null && face.id === strop.id) {
    rows.push(usedUp(asked, face, strop.freshLeft, use, goes));
  } else if (face.surface === 'leather' || face.surface === 'cloth') {
    rows.push(counted(asked, face, 'clean strop', use, goes));
  }
  return rows;
}

/** Compounds dry out, crumble and pick up grit: they are looked at now and then. */
function compoundRows(asked: CareLog): CareRow[] {
  return asked.shelf.compounds.map((compound: Compound) =>
    dated(asked, compound, 'look at compound', compound.place !== 'workshop'),
  );
}

/** What tools want: sheaths, handles, heads, a film on their steel, and a spine that is filed anew. */
function toolRows(asked: CareLog): CareRow[] {
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
