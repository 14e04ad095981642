import { addMinutes } from 'date-fns';
import type { AllRecords } from '../src/domain/records';
import type { Inspection, Session } from '../src/domain/session';
import { sampleRecords } from './records';

/** Ends where the sample crew's own log ends. */
const END = Date.parse('2026-11-20T08:00:00.000Z');
const YEARS = 12;
const YEAR_MINUTES = 365.25 * 24 * 60;

/**
 * The sample crew after years of work: so many tools, each a copy of one of the crew's, and so many
 * touch-ups of theirs, each a copy of one in the sample log, evenly over twelve years; a look at the
 * edge for every fifth. The same numbers give the same records.
 */
export function longLog(input: { tools: number; sessions: number }): AllRecords {
  const crew = sampleRecords.tools;
  const tools = Array.from({ length: input.tools }, (_, i) => {
    const like = crew[i % crew.length]!;
    const round = Math.floor(i / crew.length);
    return round === 0
      ? like
      : { ...like, id: `${like.id}-${round}`, name: `${like.name} ${round + 1}` };
  });
  const moment = (i: number, of: number): string =>
    addMinutes(END, -Math.round((1 - i / of) * YEARS * YEAR_MINUTES)).toISOString();

  const sessions = Array.from({ length: input.sessions }, (_, i): Session => {
    const tool = tools[i % tools.length]!;
    const own = sampleRecords.sessions.filter((s) => sameKind(s.toolId, tool.id));
    const pool = own.length > 0 ? own : sampleRecords.sessions;
    const like = pool[Math.floor(i / tools.length) % pool.length]!;
    const zone = tool.zones.find(({ id }) => id === like.zoneId) ?? tool.zones[0]!;
    const place = { id: `long-${i}`, toolId: tool.id, zoneId: zone.id };
    return { ...moved(like, moment(i, input.sessions)), ...place };
  });
  const looks = Math.floor(input.sessions / 5);
  const inspections = Array.from({ length: looks }, (_, i): Inspection => {
    const tool = tools[i % tools.length]!;
    const own = sampleRecords.inspections.filter((look) => sameKind(look.toolId, tool.id));
    const like = own[i % own.length] ?? sampleRecords.inspections[0]!;
    const at = moment(i, looks);
    const zoneId = tool.zones[0]!.id;
    return { ...like, id: `look-${i}`, toolId: tool.id, zoneId, at, createdAt: at, updatedAt: at };
  });
  return { ...sampleRecords, tools, sessions, inspections };
}

/** Whether a tool is a copy of one of the crew's, or that one. */
function sameKind(crewId: string, id: string): boolean {
  return id === crewId || id.startsWith(`${crewId}-`);
}

/** A session moved in time, step by step. */
function moved(session: Session, startedAt: string): Session {
  const minutes = (Date.parse(startedAt) - Date.parse(session.startedAt)) / 60_000;
  const later = (at: string): string => addMinutes(at, minutes).toISOString();
  const orNull = (at: string | null): string | null => at && later(at);
  return {
    ...session,
    createdAt: later(session.createdAt),
    updatedAt: later(session.updatedAt),
    startedAt,
    finishedAt: orNull(session.finishedAt),
    steps: session.steps.map((step) => ({ ...step, finishedAt: orNull(step.finishedAt) })),
  };
}
