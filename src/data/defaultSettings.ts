import { DEFAULT_PACE } from '../core';
import { SETTINGS_ID, type Settings } from '../domain/settings';

/** The settings of someone who has set nothing yet. */
export function defaultSettings(at: string): Settings {
  return {
    id: SETTINGS_ID,
    createdAt: at,
    updatedAt: at,
    deletedAt: null,
    coinThicknessMm: 2.33,
    strokesPerMinute: { ...DEFAULT_PACE },
    demoLoadedAt: null,
  };
}
