import type { AbrasiveFamily, StropSurface } from './families';
import type { ShelfGrade } from './grade';
import type { Abrasive, Compound, Strop } from './shelf';
import type {
  AbrasiveForm,
  HelperKind,
  LubricantKind,
  NamedGrade,
  StropBacking,
  StropForm,
} from './terms';

/** What is usual of a body until it is measured: its size (mm), weight (g), where it lives, what it goes with. */
export interface UsualForm {
  lengthMm: number;
  widthMm: number;
  thicknessMm: number | null;
  massG: number;
  place: Abrasive['place'];
  family: AbrasiveFamily;
  grade: ShelfGrade;
  lubricants: LubricantKind[];
}

const NO_GRADE: ShelfGrade = {
  scale: 'micron',
  number: null,
  named: null,
  finestUm: null,
  coarsestUm: null,
};
const um = (number: number): ShelfGrade => ({ ...NO_GRADE, number });
const named = (name: NamedGrade): ShelfGrade => ({ ...NO_GRADE, scale: 'natural', named: name });
const range = (finestUm: number, coarsestUm: number): ShelfGrade => ({
  ...NO_GRADE,
  scale: 'range',
  finestUm,
  coarsestUm,
});

/** A size that nobody knows, as it feels under a fingertip. */
export const UNKNOWN_SIZES = {
  coarse: range(50, 150),
  medium: range(16, 45),
  fine: range(3, 12),
} as const;
export type Fineness = keyof typeof UNKNOWN_SIZES;

/** The usual measures of each body. */
export const USUAL_FORMS: Record<AbrasiveForm, UsualForm> = {
  file: {
    lengthMm: 200,
    widthMm: 20,
    thicknessMm: 4,
    massG: 150,
    place: 'workshop',
    family: 'file',
    grade: named('bastard-file'),
    lubricants: ['dry'],
  },
  plate: {
    lengthMm: 85,
    widthMm: 54,
    thicknessMm: 6,
    massG: 75,
    place: 'pouch',
    family: 'diamond',
    grade: um(25),
    lubricants: ['water', 'dry'],
  },
  'pocket-stone': {
    lengthMm: 100,
    widthMm: 30,
    thicknessMm: 8,
    massG: 60,
    place: 'pouch',
    family: 'diamond',
    grade: um(25),
    lubricants: ['water', 'dry'],
  },
  'bench-stone': {
    lengthMm: 200,
    widthMm: 70,
    thicknessMm: 25,
    massG: 900,
    place: 'workshop',
    family: 'water-stone',
    grade: { ...NO_GRADE, scale: 'jis', number: 1000 },
    lubricants: ['water'],
  },
  puck: {
    lengthMm: 75,
    widthMm: 75,
    thicknessMm: 35,
    massG: 300,
    place: 'pack',
    family: 'sic',
    grade: range(40, 120),
    lubricants: ['water', 'oil', 'dry'],
  },
  rod: {
    lengthMm: 110,
    widthMm: 6,
    thicknessMm: 6,
    massG: 25,
    place: 'pouch',
    family: 'diamond',
    grade: um(30),
    lubricants: ['water', 'dry'],
  },
  paper: {
    lengthMm: 110,
    widthMm: 90,
    thicknessMm: null,
    massG: 10,
    place: 'pack',
    family: 'sic',
    grade: { ...NO_GRADE, scale: 'fepa-p', number: 400 },
    lubricants: ['dry', 'water'],
  },
  pebble: {
    lengthMm: 70,
    widthMm: 40,
    thicknessMm: 20,
    massG: 110,
    place: 'pouch',
    family: 'novaculite',
    grade: named('beach-pebble'),
    lubricants: ['water', 'dry'],
  },
  steel: {
    lengthMm: 200,
    widthMm: 10,
    thicknessMm: 10,
    massG: 180,
    place: 'base-camp',
    family: 'smooth-steel',
    grade: named('smooth-steel'),
    lubricants: ['dry'],
  },
  'pull-through': {
    lengthMm: 60,
    widthMm: 20,
    thicknessMm: 20,
    massG: 40,
    place: 'pouch',
    family: 'carbide-cutter',
    grade: um(300),
    lubricants: ['dry'],
  },
};

interface UsualStrop {
  form: StropForm;
  surface: StropSurface;
  backing: StropBacking;
  lengthMm: number;
  widthMm: number;
  sagMm: number;
  massG: number;
  place: Strop['place'];
  carriedAnyway: boolean;
}

/** Things that most people have, ready to be picked: a stone of some form, a strop, a compound, a helper. */
export type UsualThing =
  | {
      name: string;
      store: 'abrasives';
      form: AbrasiveForm;
      grade?: ShelfGrade;
      family?: AbrasiveFamily;
      lubricants?: LubricantKind[];
    }
  | ({ name: string; store: 'strops' } & UsualStrop)
  | { name: string; store: 'compounds'; sizeUm: Compound['sizeUm'] }
  | { name: string; store: 'helpers'; kind: HelperKind; massG: number };

export const USUAL_THINGS: readonly UsualThing[] = [
  { name: 'mill file', store: 'abrasives', form: 'file' },
  { name: 'coarse plate', store: 'abrasives', form: 'plate', grade: um(60) },
  { name: 'medium plate', store: 'abrasives', form: 'plate', grade: um(25) },
  { name: 'fine plate', store: 'abrasives', form: 'plate', grade: um(9) },
  { name: 'pocket stone', store: 'abrasives', form: 'pocket-stone' },
  { name: 'water stone', store: 'abrasives', form: 'bench-stone' },
  {
    name: 'oil stone',
    store: 'abrasives',
    form: 'bench-stone',
    family: 'alumina',
    grade: range(20, 50),
    lubricants: ['oil'],
  },
  { name: 'puck', store: 'abrasives', form: 'puck' },
  { name: 'pebble', store: 'abrasives', form: 'pebble' },
  { name: 'diamond rod', store: 'abrasives', form: 'rod' },
  { name: 'ceramic rod', store: 'abrasives', form: 'rod', family: 'ceramic', grade: um(6) },
  { name: 'honing steel', store: 'abrasives', form: 'steel' },
  { name: 'wet-and-dry paper', store: 'abrasives', form: 'paper' },
  {
    name: 'strop on a board',
    store: 'strops',
    form: 'paddle',
    surface: 'leather',
    backing: 'leather-on-wood',
    lengthMm: 200,
    widthMm: 40,
    sagMm: 0,
    massG: 90,
    place: 'pack',
    carriedAnyway: false,
  },
  {
    name: 'trouser belt',
    store: 'strops',
    form: 'belt',
    surface: 'leather',
    backing: 'slack',
    lengthMm: 300,
    widthMm: 35,
    sagMm: 4,
    massG: 0,
    place: 'pouch',
    carriedAnyway: true,
  },
  {
    name: 'strip of denim',
    store: 'strops',
    form: 'hanging-strop',
    surface: 'cloth',
    backing: 'soft',
    lengthMm: 250,
    widthMm: 50,
    sagMm: 1,
    massG: 15,
    place: 'pouch',
    carriedAnyway: false,
  },
  { name: 'fine compound', store: 'compounds', sizeUm: 1 },
  { name: 'marker', store: 'helpers', kind: 'marker', massG: 10 },
  {
    name: 'some stone',
    store: 'abrasives',
    form: 'pocket-stone',
    family: 'alumina',
    grade: range(9, 120),
  },
];

/** The thing that a compound is rubbed on as. */
export const USUAL_COMPOUND = 'fine compound';
