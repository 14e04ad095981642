/**
 * From version 3 to 4: a zone says what work it does and what facet it carries, a session what was
 * done about damage and what it left, a step what the log had taught by then, a keeper when to strop.
 * Until then targets were radii, damage was ground out of the whole face, and nothing was learned.
 */

import { recordWith, someObject, someObjects } from './olderShapes';

type Loose = Record<string, unknown>;

export const VERSION_3 = {
  tool: recordWith({ zones: someObjects(), schools: someObject() }),
  session: recordWith({ steps: someObjects() }),
  settings: someObject(),
};

export function toolToVersion4(tool: Loose): Loose {
  return {
    ...tool,
    zones: (tool.zones as Loose[]).map(zoneToVersion4),
    schools: { ...(tool.schools as Loose), stropAtEnd: 'by tool' },
  };
}

function zoneToVersion4(zone: Loose): Loose {
  return { ...zone, work: [], facet: null };
}

export function sessionToVersion4(session: Loose): Loose {
  const steps = (session.steps as Loose[]).map((step) => ({
    ...step,
    learnedFactor: 1,
    stretch: null,
  }));
  const groundOut = steps.some((step: Loose) => step.task === 'grind out damage');
  return {
    ...session,
    steps,
    damageWay: groundOut ? 'whole face' : null,
    zoneAfter: null,
    targetApexUm: null,
  };
}

export function settingsToVersion4(settings: Loose): Loose {
  return { ...settings, forgotten: [] };
}
