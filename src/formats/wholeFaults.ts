import { gradeSizeUm } from '../core/abrasive';
import { uncomputable } from '../core/ladder';
import type { AllRecords } from '../domain/records';
import type { Abrasive } from '../domain/shelf';
import type { StoreName } from '../domain/storeNames';
import type { Tool, Zone } from '../domain/tool';
import type { RecordFault } from './recordFaults';

/**
 * What is wrong with a record that is sound field by field: parts of one id, a second record of settings,
 * measures that nothing can be computed of. By its place in its store.
 */
export function wholeFaults(
  records: AllRecords,
): { store: StoreName; index: number; faults: RecordFault[] }[] {
  const of = <S extends StoreName>(
    store: S,
    faultsOf: (record: AllRecords[S][number], index: number) => RecordFault[],
  ) =>
    (records[store] as AllRecords[S][number][]).map((record, index) => ({
      store,
      index,
      faults: faultsOf(record, index),
    }));
  return [
    ...of('tools', toolFaults),
    ...of('abrasives', stoneFaults),
    ...of('settings', (_, index) => (index > 0 ? [{ path: 'id', message: ONE_SETTINGS }] : [])),
  ].filter(({ faults }) => faults.length > 0);
}

const ONE_SETTINGS = 'is a second one: keep one record of settings';
const TWICE = 'stands twice: give one of the two another id';

function toolFaults(tool: Tool): RecordFault[] {
  const faults = repeated(
    tool.zones.map(({ id }) => id),
    'zones',
  );
  const why = faults.length === 0 ? uncomputable(tool) : null;
  return why ? [{ path: '', message: `cannot be computed: ${why}` }] : faults;
}

function stoneFaults({ faces }: Abrasive): RecordFault[] {
  const faults = repeated(
    faces.map(({ id }) => id),
    'faces',
  );
  faces.forEach(({ grade }, i) => {
    try {
      gradeSizeUm(grade);
    } catch (error) {
      faults.push({ path: `faces[${i}].grade`, message: (error as Error).message });
    }
  });
  return faults;
}

/**
 * The same records with every facet within its stretch and every finding on its edge: a tool that was
 * measured anew has left some outside, and no screen could show them there.
 */
export function broughtWithin(records: AllRecords): AllRecords {
  const lengths = new Map(records.tools.map(({ id, edgeLengthMm }) => [id, edgeLengthMm]));
  const within = <S extends { findings: readonly { atMm: number }[] }>(
    seen: S,
    toolId: string,
  ): S => {
    const mostMm = lengths.get(toolId) ?? Infinity;
    if (seen.findings.every(({ atMm }) => atMm <= mostMm)) return seen;
    const findings = seen.findings.map((own) => ({ ...own, atMm: Math.min(own.atMm, mostMm) }));
    return { ...seen, findings };
  };
  return {
    ...records,
    tools: records.tools.map((tool) => ({ ...tool, zones: tool.zones.map(withFacetWithin) })),
    inspections: records.inspections.map((look) => ({
      ...look,
      seen: within(look.seen, look.toolId),
    })),
    sessions: records.sessions.map((session) => ({
      ...session,
      before: within(session.before, session.toolId),
      after: within(session.after, session.toolId),
    })),
  };
}

function withFacetWithin(zone: Zone): Zone {
  const { facet, startMm, endMm } = zone;
  if (!facet || (facet.startMm >= startMm && facet.endMm <= endMm)) return zone;
  const within = {
    ...facet,
    startMm: Math.max(startMm, facet.startMm),
    endMm: Math.min(endMm, facet.endMm),
  };
  return { ...zone, facet: within.startMm < within.endMm ? within : null };
}

function repeated(ids: readonly string[], list: string): RecordFault[] {
  const known = new Set<string>();
  return ids.flatMap((id, i) => {
    const isTwice = known.has(id);
    known.add(id);
    return isTwice ? [{ path: `${list}[${i}].id`, message: TWICE }] : [];
  });
}
