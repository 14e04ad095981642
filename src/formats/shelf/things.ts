import type { Abrasive, Helper } from '../../domain/shelf';
import {
  ABRASIVE_FORMS,
  FACE_STATES,
  HELPER_KINDS,
  LUBRICANT_KINDS,
  PLACES,
  STROP_BACKINGS,
  STROP_FORMS,
} from '../../domain/terms';
import { momentIn, numberIn } from '../csv';
import { wordIn, wordsIn, yesIn, type Cells } from './cells';
import { columnTitle, type ShelfColumn } from './columns';
import { readGrade } from './gradeText';
import type { ShelfThings } from './writeShelf';
import { ABRASIVE_FAMILIES, STROP_SURFACES } from '../../domain/families';

/** The stores that a shelf's things lie in. */
export type ShelfStore = keyof ShelfThings;

/** What is known while a row is read. */
export interface Context {
  /** Ids of compounds by their names, in small letters. */
  compounds: ReadonlyMap<string, string>;
  faceId: () => string;
  /** The thing that is called the same on the shelf already. */
  present: object | undefined;
}

interface Made {
  /** Fields of the record, for its schema to check. */
  fields: Record<string, unknown> & { massG: number };
  problems: { field: string; message: string }[];
}

const WHAT: Record<string, ShelfStore> = {
  stone: 'abrasives',
  file: 'abrasives',
  paper: 'abrasives',
  plate: 'abrasives',
  strop: 'strops',
  compound: 'compounds',
  lubricant: 'lubricants',
  helper: 'helpers',
};

/** Where a row's thing goes; a row that does not say is a stone. */
export function whatIs({ what }: Cells): ShelfStore | null {
  return what === '' ? 'abrasives' : (WHAT[what.toLowerCase()] ?? null);
}

/** How a row becomes a thing of each store. */
export const THINGS: Record<ShelfStore, (cells: Cells, context: Context) => Made> = {
  abrasives: stone,
  strops: strop,
  compounds: (cells) => {
    const grade = readGrade(cells.grade);
    const isSize = grade?.scale === 'micron';
    return {
      fields: { ...common(cells), sizeUm: isSize ? grade.number : numberIn(cells.grade, NaN) },
      problems: cells.grade === '' ? [refused('grade', 'must be a size like 1 µm')] : [],
    };
  },
  lubricants: (cells) => ({
    fields: { ...common(cells), kind: wordIn(cells.form, LUBRICANT_KINDS, 'oil') },
    problems: [],
  }),
  helpers: (cells) => ({
    fields: {
      ...common(cells),
      kind: wordIn(cells.form, HELPER_KINDS as readonly Helper['kind'][], 'other'),
      covers: wordsIn(cells.covers),
    },
    problems: [],
  }),
};

function common(cells: Cells) {
  return {
    name: cells.name,
    massG: numberIn(cells.massG, 0),
    place: wordIn(cells.place, PLACES, 'workshop'),
    carriedAnyway: yesIn(cells.carriedAnyway),
    price: numberIn(cells.price, null),
    notes: cells.notes,
  };
}

function refused(column: ShelfColumn, message: string) {
  return { field: columnTitle(column), message };
}

const GRADE_WORDS =
  'must be a grade with its scale, like P 400, JIS 1000, 25 µm, 18–32 µm or hard novaculite';

/** The columns of a stone's faces, one after the other. */
const SIDES = [
  { grade: 'grade', surface: 'surface', state: 'state', name: 'faceName', usual: 'face' },
  {
    grade: 'otherGrade',
    surface: 'otherSurface',
    state: 'otherState',
    name: 'otherFaceName',
    usual: 'other side',
  },
  {
    grade: 'thirdGrade',
    surface: 'thirdSurface',
    state: 'thirdState',
    name: 'thirdFaceName',
    usual: 'third side',
  },
] as const;

/** The columns of a strop's further faces. */
const OTHER_FACES = [
  { surface: 'otherSurface', compound: 'otherCompound', freshAt: 'otherFreshAt' },
  { surface: 'thirdSurface', compound: 'thirdCompound', freshAt: 'thirdFreshAt' },
] as const;

function stone(cells: Cells, { faceId, present }: Context): Made {
  const faces = (present as Abrasive | undefined)?.faces ?? [];
  const sides = SIDES.slice(0, cells.otherGrade === '' ? 1 : cells.thirdGrade === '' ? 2 : 3);
  const grades = sides.map(({ grade }) => readGrade(cells[grade]));
  const goesWith = wordsIn(cells.goesWith);
  return {
    fields: {
      ...common(cells),
      form: wordIn(cells.form, ABRASIVE_FORMS, 'pocket-stone'),
      lengthMm: numberIn(cells.lengthMm, 100),
      widthMm: numberIn(cells.widthMm, 40),
      thicknessMm: numberIn(cells.thicknessMm, null),
      dishMm: numberIn(cells.hollowMm, 0),
      lubricants: goesWith.length > 0 ? goesWith : ['dry'],
      usedWithOil: yesIn(cells.usedWithOil),
      soakMl: numberIn(cells.soakMl, null),
      freshLeft: numberIn(cells.freshLeft, null),
      freshAt: momentIn(cells.freshAt),
      faces: sides.map(({ surface, state, name, usual }, i) => ({
        id: faces[i]?.id ?? faceId(),
        name: cells[name] || usual,
        family: wordIn(cells[surface] || cells.surface, ABRASIVE_FAMILIES, 'alumina'),
        grade: grades[i]!,
        state: wordIn(cells[state], FACE_STATES, 'normal'),
      })),
    },
    problems: sides.flatMap(({ grade }, i) => (grades[i] ? [] : [refused(grade, GRADE_WORDS)])),
  };
}

function strop(cells: Cells, { compounds }: Context): Made {
  const compoundId = (name: string): string | null => compounds.get(name.toLowerCase()) ?? null;
  const unknown = (column: 'compound' | 'otherCompound' | 'thirdCompound') =>
    cells[column] !== '' && compoundId(cells[column]) === null
      ? [
          refused(
            column,
            `must be a compound on the shelf or in this table; ${cells[column]} is neither`,
          ),
        ]
      : [];
  return {
    fields: {
      ...common(cells),
      form: wordIn(cells.form, STROP_FORMS, 'paddle'),
      surface: wordIn(cells.surface, STROP_SURFACES, 'leather'),
      compoundId: compoundId(cells.compound),
      loadedAt: momentIn(cells.freshAt),
      backing: wordIn(cells.backing, STROP_BACKINGS, 'leather-on-wood'),
      lengthMm: numberIn(cells.lengthMm, 200),
      widthMm: numberIn(cells.widthMm, null),
      sagMm: numberIn(cells.hollowMm, 0),
      freshLeft: numberIn(cells.freshLeft, null),
      otherFaces: OTHER_FACES.filter(({ surface }) => cells[surface] !== '').map((face) => ({
        surface: wordIn(cells[face.surface], STROP_SURFACES, 'leather'),
        compoundId: compoundId(cells[face.compound]),
        loadedAt: momentIn(cells[face.freshAt]),
      })),
    },
    problems: [...unknown('compound'), ...unknown('otherCompound'), ...unknown('thirdCompound')],
  };
}
