/**
 * From version 1 to 2: steel as a class with a range of hardness, spine, handle and sheath, hollow
 * grinds and a limit for thinning, schools; findings with their cause; checks of the whole tool; photos.
 */

type Loose = Record<string, unknown>;

const list = (value: unknown): Loose[] => (Array.isArray(value) ? (value as Loose[]) : []);
const object = (value: unknown): Loose => (value ?? {}) as Loose;

export function toolToVersion2(tool: Loose): Loose {
  const { hardnessHrc, carbide, stainless } = object(tool.steel);
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
    zones: list(tool.zones).map((zone) => ({ ...zone, hollowRadiusMm: null, faceLimitMm: null })),
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
    steps: list(session.steps).map((step) => ({ ...step, tests: list(step.tests).map(test) })),
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
  const { tests, findings } = object(value);
  return {
    tests: list(tests).map(test),
    findings: list(findings).map((finding) => ({
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
