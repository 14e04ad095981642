/**
 * From version 11 to 12: a touch-up says at which place out there it is worked; of older ones nobody knows.
 * Settings say whose hand works with this device. Changes of records have a history.
 */

import { recordWith } from './olderShapes';

type Loose = Record<string, unknown>;

export const VERSION_11 = { session: recordWith({}), settings: recordWith({}) };

export function sessionToVersion12(session: Loose): Loose {
  return { ...session, spot: null };
}

export function settingsToVersion12(settings: Loose): Loose {
  return { ...settings, person: null };
}
