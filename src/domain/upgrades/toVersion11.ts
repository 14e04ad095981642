/**
 * From version 10 to 11: what a zone measures afterwards stands with the step that grinds it so, and a step
 * says which facet of an arc it works, how
 * it was held, and whether it went by feel. A spine keeps the stretch that is worked; a blade may share another's handle; a strop may
 * have three faces. A kit says what a minute is worth, a trip which of its days were told and what was looked at on return. Of older steps the last that grinds behind the apex is that step.
 */

import { mixed } from 'yup';
import { recordWith, someObjects } from './olderShapes';

type Loose = Record<string, unknown>;

export const VERSION_10 = {
  tool: recordWith({ spine: recordWith({}) }),
  strop: recordWith({ otherFace: mixed().nullable().defined() }),
  abrasive: recordWith({ faces: someObjects() }),
  trip: recordWith({ kit: recordWith({}) }),
  session: recordWith({ steps: someObjects(), zoneAfter: mixed().nullable().defined() }),
};

/** Work that leaves a zone with other measures. */
const GRINDS: readonly unknown[] = [
  'grind out damage',
  'blend the facet',
  'move the shoulders back',
  'grind the new angle',
  'grind the bevel flat',
];

export function sessionToVersion11({ zoneAfter, ...session }: Loose): Loose {
  const older = session.steps as Loose[];
  const last = older.findLastIndex(({ task }) => GRINDS.includes(task));
  const at = last < 0 ? older.length - 1 : last;
  const steps = older.map((step, i) => ({
    ...step,
    held: null,
    byFeel: null,
    glints: [],
    passStrokes: null,
    facet: null,
    zoneAfter: i === at ? zoneAfter : null,
  }));
  return { ...session, steps };
}

export function toolToVersion11(tool: Loose): Loose {
  const spine = { ...(tool.spine as Loose), startMm: null, endMm: null };
  return { ...tool, spine, handleOf: null };
}

export function stropToVersion11({ otherFace, ...strop }: Loose): Loose {
  return { ...strop, otherFaces: otherFace === null ? [] : [otherFace] };
}

export function tripToVersion11(trip: Loose): Loose {
  return {
    ...trip,
    kit: { ...(trip.kit as Loose), gramsPerMinute: 1 },
    toldDays: [],
    looksBack: [],
  };
}

/** The finest mesh whose label can be trusted; what was labelled finer is kept as the size that it was taken for. */
const MOST_MESH = 600;
const MESH_UM = 14_900;

export function abrasiveToVersion11(abrasive: Loose): Loose {
  const faces = (abrasive.faces as Loose[]).map((face) => {
    const grade = face.grade as Loose | null;
    const mesh = grade?.scale === 'mesh' ? Number(grade.number) : 0;
    return mesh > MOST_MESH
      ? { ...face, grade: { ...grade, scale: 'micron', number: MESH_UM / mesh } }
      : face;
  });
  return { ...abrasive, faces };
}
