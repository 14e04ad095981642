import { gradeSizeUm, uncomputable } from '../core';
import type { AllRecords } from '../domain/records';
import type { Abrasive } from '../domain/shelf';
import type { StoreName } from '../domain/storeNames';
import type { Tool } from '../domain/tool';
import type { RecordFault } from './recordFaults';

/**
 * What is wrong with a record that is sound field by field: parts of one id, a facet or a finding outside of its
 * stretch, measures that nothing can be computed of. By its place in its store.
 */
export function wholeFaults(
  records: AllRecords,
): { store: StoreName; index: number; faults: RecordFault[] }[] {
  const tools = new Map(records.tools.map((tool) => [tool.id, tool]));
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
    ...of('inspections', ({ toolId, seen }) => {
      const tool = tools.get(toolId);
      return tool ? findingFaults(tool, seen.findings) : [];
    }),
  ].filter(({ faults }) => faults.length > 0);
}

const ONE_SETTINGS = 'is a second one: keep one record of settings';
const TWICE = 'stands twice: give one of the two another id';

function toolFaults(tool: Tool): RecordFault[] {
  const faults = repeated(
    tool.zones.map(({ id }) => id),
    'zones',
  );
  tool.zones.forEach(({ facet, startMm, endMm }, i) => {
    if (facet && (facet.startMm < startMm || facet.endMm > endMm))
      faults.push({
        path: `zones[${i}].facet`,
        message: `must lie within its stretch, from ${startMm} to ${endMm} mm`,
      });
  });
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

function findingFaults(
  { edgeLengthMm }: Tool,
  findings: readonly { atMm: number }[],
): RecordFault[] {
  return findings.flatMap(({ atMm }, i) =>
    atMm > edgeLengthMm
      ? [
          {
            path: `seen.findings[${i}].atMm`,
            message: `must lie on the edge, which is ${edgeLengthMm} mm long`,
          },
        ]
      : [],
  );
}

function repeated(ids: readonly string[], list: string): RecordFault[] {
  const known = new Set<string>();
  return ids.flatMap((id, i) => {
    const isTwice = known.has(id);
    known.add(id);
    return isTwice ? [{ path: `${list}[${i}].id`, message: TWICE }] : [];
  });
}
