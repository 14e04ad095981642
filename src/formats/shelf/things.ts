import type { ShelfGrade } from '../../domain/grade';
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

function stone(cells: Cells, { faceId, present }: Context): Made {
  const faces = (present as Abrasive | undefined)?.faces ?? [];
  const isTwoSided = cells.otherGrade !== '';
  const grade = readGrade(cells.grade);
  const otherGrade = isTwoSided ? readGrade(cells.otherGrade) : null;
  const face = (which: 0 | 1, size: ShelfGrade | null) => ({
    id: faces[which]?.id ?? faceId(),
    name: which === 0 ? cells.faceName || 'face' : cells.otherFaceName || 'other side',
    family: wordIn(
      which === 0 ? cells.surface : cells.otherSurface || cells.surface,
      ABRASIVE_FAMILIES,
      'alumina',
    ),
    grade: size,
    state: wordIn(which === 0 ? cells.state : cells.otherState, FACE_STATES, 'normal'),
  });
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
      faces: isTwoSided ? [face(0, grade), face(1, otherGrade)] : [face(0, grade)],
    },
    problems: [
      ...(grade ? [] : [refused('grade', GRADE_WORDS)]),
      ...(isTwoSided && !otherGrade ? [refused('otherGrade', GRADE_WORDS)] : []),
    ],
  };
}

function strop(cells: Cells, { compounds }: Context): Made {
  const compoundId = (name: string): string | null => compounds.get(name.toLowerCase()) ?? null;
  const unknown = (column: 'compound' | 'otherCompound') =>
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
      otherFace:
        cells.otherSurface === ''
          ? null
          : {
              surface: wordIn(cells.otherSurface, STROP_SURFACES, 'leather'),
              compoundId: compoundId(cells.otherCompound),
              loadedAt: momentIn(cells.otherFreshAt),
            },
    },
    problems: [...unknown('compound'), ...unknown('otherCompound')],
  };
}
