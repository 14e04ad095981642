/**
 * From version 4 to 5: a session says whether the guide counted it or it was written down later, and
 * the settings say in which units. Until then all were counted by the guide, and all was metric.
 */

import { someObject } from './olderShapes';

type Loose = Record<string, unknown>;

export const VERSION_4 = { session: someObject(), settings: someObject() };

export function sessionToVersion5(session: Loose): Loose {
  return { ...session, written: 'in the guide' };
}

export function settingsToVersion5(settings: Loose): Loose {
  return { ...settings, units: 'metric' };
}
