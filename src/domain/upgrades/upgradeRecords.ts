import type { Schema } from 'yup';
import { FIRST_VERSION } from './firstVersion';
import { sessionToVersion10, VERSION_9 } from './toVersion10';
import {
  abrasiveToVersion11,
  sessionToVersion11,
  stropToVersion11,
  toolToVersion11,
  tripToVersion11,
  VERSION_10,
} from './toVersion11';
import { sessionToVersion12, settingsToVersion12, VERSION_11 } from './toVersion12';
import { inspectionToVersion13, VERSION_12 } from './toVersion13';
import { recordToVersion14, VERSION_13 } from './toVersion14';
import { photoToVersion15, practiceToVersion15, toolToVersion15, VERSION_14 } from './toVersion15';
import { sessionToVersion9, VERSION_8 } from './toVersion9';

type Loose = Record<string, unknown>;

/** What becomes of the records of one store. */
interface RecordUpgrade {
  /** The parts of the older shape that the upgrade relies on; what it refuses is not upgraded. */
  from: Schema;
  upgrade: (record: Loose) => Loose;
  /** Whether only what is in the fields changes: such a record fits the later shape before it, too. */
  keepsShape?: true;
}

/** What one version changes in the records of each store; stores not named stay as they are. */
export interface Upgrade {
  records: Record<string, RecordUpgrade>;
  newStores: readonly string[];
}

/** The upgrade to each version after the first, in order. */
export const UPGRADES: readonly Upgrade[] = [
  {
    records: { sessions: { from: VERSION_8.session, upgrade: sessionToVersion9 } },
    newStores: [],
  },
  {
    records: { sessions: { from: VERSION_9.session, upgrade: sessionToVersion10 } },
    newStores: [],
  },
  {
    records: {
      sessions: { from: VERSION_10.session, upgrade: sessionToVersion11 },
      tools: { from: VERSION_10.tool, upgrade: toolToVersion11 },
      abrasives: {
        from: VERSION_10.abrasive,
        upgrade: abrasiveToVersion11,
        keepsShape: true,
      },
      strops: { from: VERSION_10.strop, upgrade: stropToVersion11 },
      trips: { from: VERSION_10.trip, upgrade: tripToVersion11 },
    },
    newStores: [],
  },
  {
    records: {
      sessions: { from: VERSION_11.session, upgrade: sessionToVersion12 },
      settings: { from: VERSION_11.settings, upgrade: settingsToVersion12 },
    },
    newStores: ['history'],
  },
  {
    records: { inspections: { from: VERSION_12.inspection, upgrade: inspectionToVersion13 } },
    newStores: [],
  },
  {
    records: {
      tools: { from: VERSION_13.tool, upgrade: recordToVersion14 },
      sessions: { from: VERSION_13.session, upgrade: recordToVersion14 },
      history: { from: VERSION_13.history, upgrade: recordToVersion14 },
    },
    newStores: ['practices'],
  },
  {
    records: {
      tools: { from: VERSION_14.tool, upgrade: toolToVersion15 },
      photos: { from: VERSION_14.photo, upgrade: photoToVersion15 },
      practices: { from: VERSION_14.practice, upgrade: practiceToVersion15 },
    },
    newStores: [],
  },
];

/** The upgrades that records of a version still need. */
export function upgradesFrom(version: number): readonly Upgrade[] {
  return UPGRADES.slice(version - FIRST_VERSION);
}
