import type { Schema } from 'yup';
import { inspectionToVersion2, sessionToVersion2, toolToVersion2, VERSION_1 } from './toVersion2';
import { sessionToVersion3, toolToVersion3, VERSION_2 } from './toVersion3';
import { sessionToVersion4, settingsToVersion4, toolToVersion4, VERSION_3 } from './toVersion4';
import { sessionToVersion5, settingsToVersion5, VERSION_4 } from './toVersion5';
import { inspectionToVersion6, sessionToVersion6, VERSION_5 } from './toVersion6';
import {
  abrasiveToVersion7,
  pricedToVersion7,
  sessionToVersion7,
  stropToVersion7,
  toolToVersion7,
  tripToVersion7,
  VERSION_6,
} from './toVersion7';

import { inspectionToVersion8, sessionToVersion8, tripToVersion8, VERSION_7 } from './toVersion8';

type Loose = Record<string, unknown>;

/** What becomes of the records of one store. */
export interface RecordUpgrade {
  /** The parts of the older shape that the upgrade relies on; what it refuses is not upgraded. */
  from: Schema;
  upgrade: (record: Loose) => Loose;
}

/** What one version changes in the records of each store; stores not named stay as they are. */
export interface Upgrade {
  records: Record<string, RecordUpgrade>;
  newStores: readonly string[];
}

/** The upgrade to each version after the first, in order. */
export const UPGRADES: readonly Upgrade[] = [
  {
    records: {
      tools: { from: VERSION_1.tool, upgrade: toolToVersion2 },
      sessions: { from: VERSION_1.session, upgrade: sessionToVersion2 },
      inspections: { from: VERSION_1.inspection, upgrade: inspectionToVersion2 },
    },
    newStores: ['photos'],
  },
  {
    records: {
      tools: { from: VERSION_2.tool, upgrade: toolToVersion3 },
      sessions: { from: VERSION_2.session, upgrade: sessionToVersion3 },
    },
    newStores: [],
  },
  {
    records: {
      tools: { from: VERSION_3.tool, upgrade: toolToVersion4 },
      sessions: { from: VERSION_3.session, upgrade: sessionToVersion4 },
      settings: { from: VERSION_3.settings, upgrade: settingsToVersion4 },
    },
    newStores: [],
  },
  {
    records: {
      sessions: { from: VERSION_4.session, upgrade: sessionToVersion5 },
      settings: { from: VERSION_4.settings, upgrade: settingsToVersion5 },
    },
    newStores: [],
  },
  {
    records: {
      sessions: { from: VERSION_5.session, upgrade: sessionToVersion6 },
      inspections: { from: VERSION_5.inspection, upgrade: inspectionToVersion6 },
    },
    newStores: [],
  },
  {
    records: {
      tools: { from: VERSION_6.tool, upgrade: toolToVersion7 },
      sessions: { from: VERSION_6.session, upgrade: sessionToVersion7 },
      trips: { from: VERSION_6.trip, upgrade: tripToVersion7 },
      abrasives: { from: VERSION_6.abrasive, upgrade: abrasiveToVersion7 },
      strops: { from: VERSION_6.strop, upgrade: stropToVersion7 },
      compounds: { from: VERSION_6.priced, upgrade: pricedToVersion7 },
      lubricants: { from: VERSION_6.priced, upgrade: pricedToVersion7 },
    },
    newStores: ['helpers'],
  },
  {
    records: {
      sessions: { from: VERSION_7.record, upgrade: sessionToVersion8 },
      inspections: { from: VERSION_7.record, upgrade: inspectionToVersion8 },
      trips: { from: VERSION_7.trip, upgrade: tripToVersion8 },
    },
    newStores: ['care'],
  },
];
