import { inspectionToVersion2, sessionToVersion2, toolToVersion2 } from './toVersion2';
import { sessionToVersion3, toolToVersion3 } from './toVersion3';
import { sessionToVersion4, settingsToVersion4, toolToVersion4 } from './toVersion4';

type Loose = Record<string, unknown>;

/** What one version changes in the records of each store; stores not named stay as they are. */
export interface Upgrade {
  records: Record<string, (record: Loose) => Loose>;
  newStores: readonly string[];
}

/** The upgrade to each version after the first, in order. */
export const UPGRADES: readonly Upgrade[] = [
  {
    records: {
      tools: toolToVersion2,
      sessions: sessionToVersion2,
      inspections: inspectionToVersion2,
    },
    newStores: ['photos'],
  },
  { records: { tools: toolToVersion3, sessions: sessionToVersion3 }, newStores: [] },
  {
    records: { tools: toolToVersion4, sessions: sessionToVersion4, settings: settingsToVersion4 },
    newStores: [],
  },
];

/** Records of an older file, store by store, in the present shapes; not yet validated. */
export function upgradeRecords(stores: Record<string, unknown>, fromVersion: number) {
  return UPGRADES.slice(fromVersion - 1).reduce((older, { records, newStores }) => {
    const newer: Record<string, unknown> = { ...older };
    for (const name of newStores) newer[name] ??= [];
    for (const [name, upgrade] of Object.entries(records)) {
      if (Array.isArray(older[name])) newer[name] = (older[name] as Loose[]).map(upgrade);
    }
    return newer;
  }, stores);
}
