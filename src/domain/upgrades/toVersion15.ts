/**
 * From version 14 to 15: a tool may have an outline that was traced on a photo, a picture may be kept with an entry and
 * have a scale, a practised set may tell a lift at the belly. Older ones have none of it.
 */

import { recordWith } from './olderShapes';

type Loose = Record<string, unknown>;

export const VERSION_14 = {
  tool: recordWith({}),
  photo: recordWith({}),
  practice: recordWith({}),
};

export const toolToVersion15 = (tool: Loose): Loose => ({ ...tool, traced: null });

export const photoToVersion15 = (photo: Loose): Loose => ({
  ...photo,
  entry: null,
  stage: null,
  scale: null,
});

export const practiceToVersion15 = (practice: Loose): Loose => ({ ...practice, bellyLift: null });
