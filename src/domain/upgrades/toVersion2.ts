/**
 * From version 1 to 2: steel as a class with a range of hardness, spine, handle and sheath, hollow
 * grinds and a limit for thinning, schools; findings with their cause; checks of the whole tool; photos.
 */

import { array } from 'yup';
import { recordWith, someObject, someObjects } from './olderShapes';

type Loose = Record<string, unknown>;

const looks = () => recordWith({ tests: someObjects(), findings: someObjects() });

export const VERSION_1 = {
  tool: recordWith({ steel: someObject(), zones: someObjects() }),
  session: recordWith({
    before: looks(),
    after: looks(),
    steps: array(recordWith({ tests: someObjects() })).required(),
  }),
  inspection: recordWith({ seen: looks() }),
};

export function toolToVersion2(tool: Loose): Loose {
  const { hardnessHrc, carbide, stainless } = tool.steel as Loose;
  return {
    ...tool,
    steel: {
      steelClass: stainless ? 'stainless' : 'carbon',
      hardnessLowHrc: hardnessHrc,
      hardnessHighHrc: hardnessHrc,
      carbide,
      stainless: stainless ? 'yes' : 'no',
      fileBite: null,
    },
    zones: (tool.zones as Loose[]).map((zone) => ({
      ...zone,
      hollowRadiusMm: null,
      faceLimitMm: null,
    })),
    spine: { use: 'plain', raisingsLeft: 0 },
    handle: 'wood',
    sheath: 'none',
    schools: {
      drift: 'regrind flat',
      finish: 'by task',
      pressure: 'firm, then lighter',
      stropPressure: 'light',
      stropAngle: 'at the bevel',
      counting: 'count strokes',
      motion: 'by tool',
      tip: 'lift the handle',
      burr: 'alternate light strokes',
      burrWhen: 'at every grit',
      gritSteps: 'two to four times',
      profile: 'micro-bevel, thin when due',
      scratches: 'scratches are fine',
      lubricant: 'by stone',
    },
  };
}

export function sessionToVersion2(session: Loose): Loose {
  return {
    ...session,
    before: observation(session.before),
    after: observation(session.after),
    steps: (session.steps as Loose[]).map((step) => ({
      ...step,
      tests: (step.tests as Loose[]).map(test),
    })),
  };
}

export function inspectionToVersion2(inspection: Loose): Loose {
  return {
    ...inspection,
    seen: observation(inspection.seen),
    checks: { head: null, handle: null, blade: null, straightness: null, temper: null },
  };
}

function observation(value: unknown): Loose {
  const { tests, findings } = value as { tests: Loose[]; findings: Loose[] };
  return {
    tests: tests.map(test),
    findings: findings.map((finding) => ({
      ...finding,
      band: null,
      cause: 'unknown',
      leftOnPurpose: false,
    })),
  };
}

function test(reading: Loose): Loose {
  return { ...reading, shaves: null };
}
