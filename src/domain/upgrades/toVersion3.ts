/**
 * From version 2 to 3: a tool says how its head is held, and a zone when it was measured; a session
 * says what it was for, and a step on what body. Until then heads were as usual for their kind,
 * measures stood as last kept, and all sessions were touch-ups.
 */

import { string } from 'yup';
import { recordWith, someObjects } from './olderShapes';

type Loose = Record<string, unknown>;

export const VERSION_2 = {
  tool: recordWith({ kind: string().required(), zones: someObjects() }),
  session: recordWith({ steps: someObjects() }),
};

const USUAL_HEADS: Record<string, string> = {
  hatchet: 'wedged head',
  'felling-axe': 'wedged head',
  tomahawk: 'bolted bit',
};

export function toolToVersion3(tool: Loose): Loose {
  const measured = (zone: Loose): Loose => ({ ...zone, measuredAt: tool.updatedAt });
  return {
    ...tool,
    head: USUAL_HEADS[tool.kind as string] ?? 'tang',
    zones: (tool.zones as Loose[]).map(measured),
  };
}

export function sessionToVersion3(session: Loose): Loose {
  const steps = (session.steps as Loose[]).map((step) => ({ ...step, form: null }));
  return { ...session, job: 'touch-up', steps };
}
