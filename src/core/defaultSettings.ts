import { DEFAULT_PACE } from './wear';
import { newRecord } from '../domain/newRecord';
import type { Settings } from '../domain/settings';

/** There is one record of settings. */
const SETTINGS_ID = 'settings';

/** The settings of someone who has set nothing yet. */
export function defaultSettings(at: string): Settings {
  return {
    ...newRecord(SETTINGS_ID, at),
    units: 'metric',
    person: null,
    coinThicknessMm: 2.33,
    strokesPerMinute: { ...DEFAULT_PACE },
    forgotten: [],
    demoLoadedAt: null,
  };
}
