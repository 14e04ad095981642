import type { TaskId } from './tasks';
import type { Carbide, Contour, Grind, STEEL_CLASSES, YES_NO_UNKNOWN } from './terms';

/** How a tool is held and worked: in the hand, braced by its head, or in sections along its length. */
export type ToolForm = 'knife' | 'axe' | 'machete';

/** How a blade runs in its silhouette, as shares of its full width and length. */
export interface BladeShape {
  /** Width at the heel; machetes are narrow there and widest forward. */
  heel: number;
  /** Where the spine starts to fall to the tip, as a share of the length. */
  spineFall: number;
  /** How far the tip lies from the spine line, as a share of the width; over 1 for a beak. */
  tip: number;
  /** Hollow of the edge, as a share of the width. */
  hollow: number;
}

interface UsualSteel {
  steelClass: (typeof STEEL_CLASSES)[number];
  hardnessLowHrc: number;
  hardnessHighHrc: number;
  carbide: Carbide | 'unknown';
  stainless: (typeof YES_NO_UNKNOWN)[number];
  fileBite: null;
}

/** Everything that is known of a kind of tool: one row adds one. */
export interface Kind {
  name: string;
  form: ToolForm;
  shape: BladeShape | 'axe' | 'two handles';
  head: 'tang' | 'wedged head' | 'bolted bit';
  /** Whether a strop closes its touch-ups where its keeper says nothing: tools that clear and fell do without. */
  stropAtEnd: boolean;
  /** Whether several alike usually travel as one, like cheap parers. */
  inSets: boolean;
  /** Work that it usually does. */
  work: readonly TaskId[];
  /** Usual measures, to be refined by measuring. */
  edgeLengthMm: number;
  bladeWidthMm: number;
  spineThicknessMm: number;
  reserveMm: number;
  outline: { handleLengthMm: number; bellyShare: number; flareShare: number };
  steel: UsualSteel;
  zone: {
    grind: Grind;
    contour: Contour;
    bevelAngleDeg: number;
    primaryAngleDeg: number;
    shoulderThicknessMm: number;
    microBevel: null;
  };
}

const steel = (
  steelClass: 'carbon' | 'stainless',
  hardnessLowHrc: number,
  hardnessHighHrc: number,
): UsualSteel => ({
  steelClass,
  hardnessLowHrc,
  hardnessHighHrc,
  carbide: steelClass === 'stainless' ? 'moderate' : 'low',
  stainless: steelClass === 'stainless' ? 'yes' : 'no',
  fileBite: null,
});
const carbon = (hrc: number): UsualSteel => steel('carbon', hrc - 1, hrc + 1);
const stainless = (hrc: number): UsualSteel => steel('stainless', hrc - 1, hrc + 1);

const ROWS = {
  'scandi-knife': {
    name: 'scandi knife',
    form: 'knife',
    shape: { heel: 1, spineFall: 0.7, tip: 0.22, hollow: 0 },
    head: 'tang',
    stropAtEnd: true,
    inSets: false,
    work: ['carve'],
    edgeLengthMm: 95,
    bladeWidthMm: 24,
    spineThicknessMm: 3,
    reserveMm: 18,
    outline: { handleLengthMm: 110, bellyShare: 0.35, flareShare: 0 },
    steel: carbon(58),
    zone: {
      grind: 'scandi',
      contour: 'straight',
      bevelAngleDeg: 12,
      primaryAngleDeg: 0,
      shoulderThicknessMm: 3,
      microBevel: null,
    },
  },
  'convex-knife': {
    name: 'convex knife',
    form: 'knife',
    shape: { heel: 1, spineFall: 0.6, tip: 0.38, hollow: 0 },
    head: 'tang',
    stropAtEnd: true,
    inSets: false,
    work: ['food'],
    edgeLengthMm: 115,
    bladeWidthMm: 30,
    spineThicknessMm: 4,
    reserveMm: 22,
    outline: { handleLengthMm: 120, bellyShare: 0.4, flareShare: 0 },
    steel: carbon(58),
    zone: {
      grind: 'convex',
      contour: 'belly',
      bevelAngleDeg: 18,
      primaryAngleDeg: 4,
      shoulderThicknessMm: 2.4,
      microBevel: null,
    },
  },
  'flat-knife': {
    name: 'flat or sabre knife',
    form: 'knife',
    shape: { heel: 1, spineFall: 0.62, tip: 0.3, hollow: 0 },
    head: 'tang',
    stropAtEnd: true,
    inSets: false,
    work: ['food', 'rope'],
    edgeLengthMm: 110,
    bladeWidthMm: 28,
    spineThicknessMm: 3,
    reserveMm: 21,
    outline: { handleLengthMm: 115, bellyShare: 0.35, flareShare: 0 },
    steel: stainless(58),
    zone: {
      grind: 'secondary-bevel',
      contour: 'belly',
      bevelAngleDeg: 20,
      primaryAngleDeg: 3,
      shoulderThicknessMm: 0.6,
      microBevel: null,
    },
  },
  'fillet-knife': {
    name: 'fillet knife',
    form: 'knife',
    shape: { heel: 1, spineFall: 1, tip: -0.15, hollow: 0.12 },
    head: 'tang',
    stropAtEnd: true,
    inSets: false,
    work: ['fish'],
    edgeLengthMm: 150,
    bladeWidthMm: 20,
    spineThicknessMm: 1.6,
    reserveMm: 12,
    outline: { handleLengthMm: 120, bellyShare: 0.5, flareShare: 0 },
    steel: stainless(56),
    zone: {
      grind: 'secondary-bevel',
      contour: 'belly',
      bevelAngleDeg: 15,
      primaryAngleDeg: 1.5,
      shoulderThicknessMm: 0.4,
      microBevel: null,
    },
  },
  'skinning-knife': {
    name: 'skinning knife',
    form: 'knife',
    shape: { heel: 0.9, spineFall: 0.95, tip: 0.02, hollow: 0 },
    head: 'tang',
    stropAtEnd: true,
    inSets: false,
    work: ['hide'],
    edgeLengthMm: 95,
    bladeWidthMm: 34,
    spineThicknessMm: 3,
    reserveMm: 25,
    outline: { handleLengthMm: 110, bellyShare: 0.75, flareShare: 0 },
    steel: stainless(58),
    zone: {
      grind: 'hollow',
      contour: 'belly',
      bevelAngleDeg: 17,
      primaryAngleDeg: 2,
      shoulderThicknessMm: 0.45,
      microBevel: null,
    },
  },
  parer: {
    name: 'parer',
    form: 'knife',
    shape: { heel: 1, spineFall: 0.75, tip: 0.5, hollow: 0 },
    head: 'tang',
    stropAtEnd: true,
    inSets: true,
    work: ['food'],
    edgeLengthMm: 80,
    bladeWidthMm: 18,
    spineThicknessMm: 1.4,
    reserveMm: 12,
    outline: { handleLengthMm: 100, bellyShare: 0.25, flareShare: 0 },
    steel: stainless(54),
    zone: {
      grind: 'secondary-bevel',
      contour: 'straight',
      bevelAngleDeg: 15,
      primaryAngleDeg: 1.5,
      shoulderThicknessMm: 0.4,
      microBevel: null,
    },
  },
  'recurve-hook': {
    name: 'recurve knife',
    form: 'knife',
    shape: { heel: 0.85, spineFall: 0.8, tip: 0.75, hollow: 0.3 },
    head: 'tang',
    stropAtEnd: true,
    inSets: false,
    work: ['rope'],
    edgeLengthMm: 90,
    bladeWidthMm: 26,
    spineThicknessMm: 3,
    reserveMm: 19,
    outline: { handleLengthMm: 115, bellyShare: 0.3, flareShare: 0.5 },
    steel: carbon(58),
    zone: {
      grind: 'secondary-bevel',
      contour: 'recurve',
      bevelAngleDeg: 18,
      primaryAngleDeg: 3,
      shoulderThicknessMm: 0.7,
      microBevel: null,
    },
  },
  hatchet: {
    name: 'hatchet',
    form: 'axe',
    shape: 'axe',
    head: 'wedged head',
    stropAtEnd: true,
    inSets: false,
    work: ['chop'],
    edgeLengthMm: 85,
    bladeWidthMm: 110,
    spineThicknessMm: 22,
    reserveMm: 90,
    outline: { handleLengthMm: 320, bellyShare: 0.15, flareShare: 0.3 },
    steel: carbon(56),
    zone: {
      grind: 'convex',
      contour: 'bit',
      bevelAngleDeg: 20,
      primaryAngleDeg: 8,
      shoulderThicknessMm: 4,
      microBevel: null,
    },
  },
  'felling-axe': {
    name: 'felling axe',
    form: 'axe',
    shape: 'axe',
    head: 'wedged head',
    stropAtEnd: false,
    inSets: false,
    work: ['chop'],
    edgeLengthMm: 110,
    bladeWidthMm: 160,
    spineThicknessMm: 28,
    reserveMm: 135,
    outline: { handleLengthMm: 680, bellyShare: 0.15, flareShare: 0.35 },
    steel: carbon(55),
    zone: {
      grind: 'convex',
      contour: 'bit',
      bevelAngleDeg: 25,
      primaryAngleDeg: 8,
      shoulderThicknessMm: 6,
      microBevel: null,
    },
  },
  tomahawk: {
    name: 'tomahawk, bolted bit',
    form: 'axe',
    shape: 'axe',
    head: 'bolted bit',
    stropAtEnd: true,
    inSets: false,
    work: ['chop'],
    edgeLengthMm: 80,
    bladeWidthMm: 120,
    spineThicknessMm: 20,
    reserveMm: 100,
    outline: { handleLengthMm: 420, bellyShare: 0.15, flareShare: 0.5 },
    steel: carbon(54),
    zone: {
      grind: 'convex',
      contour: 'bit',
      bevelAngleDeg: 22,
      primaryAngleDeg: 7,
      shoulderThicknessMm: 4.5,
      microBevel: null,
    },
  },
  machete: {
    name: 'machete',
    form: 'machete',
    shape: { heel: 0.66, spineFall: 0.9, tip: 0.35, hollow: 0 },
    head: 'tang',
    stropAtEnd: false,
    inSets: false,
    work: ['brush'],
    edgeLengthMm: 350,
    bladeWidthMm: 50,
    spineThicknessMm: 2.2,
    reserveMm: 36,
    outline: { handleLengthMm: 130, bellyShare: 0.2, flareShare: 0.15 },
    steel: carbon(52),
    zone: {
      grind: 'secondary-bevel',
      contour: 'straight',
      bevelAngleDeg: 22,
      primaryAngleDeg: 1,
      shoulderThicknessMm: 1.2,
      microBevel: null,
    },
  },
  billhook: {
    name: 'billhook',
    form: 'machete',
    shape: { heel: 0.8, spineFall: 1, tip: 1.12, hollow: 0.16 },
    head: 'tang',
    stropAtEnd: false,
    inSets: false,
    work: ['brush', 'limb'],
    edgeLengthMm: 230,
    bladeWidthMm: 70,
    spineThicknessMm: 5,
    reserveMm: 52,
    outline: { handleLengthMm: 140, bellyShare: 0.3, flareShare: 0.2 },
    steel: carbon(54),
    zone: {
      grind: 'secondary-bevel',
      contour: 'recurve',
      bevelAngleDeg: 20,
      primaryAngleDeg: 2,
      shoulderThicknessMm: 1.8,
      microBevel: null,
    },
  },
  drawknife: {
    name: 'drawknife',
    form: 'knife',
    shape: 'two handles',
    head: 'tang',
    stropAtEnd: true,
    inSets: false,
    work: ['carve'],
    edgeLengthMm: 200,
    bladeWidthMm: 32,
    spineThicknessMm: 5,
    reserveMm: 22,
    outline: { handleLengthMm: 120, bellyShare: 0.1, flareShare: 0 },
    steel: carbon(58),
    zone: {
      grind: 'scandi',
      contour: 'straight',
      bevelAngleDeg: 15,
      primaryAngleDeg: 0,
      shoulderThicknessMm: 5,
      microBevel: null,
    },
  },
  'splitting-axe': {
    name: 'splitting axe',
    form: 'axe',
    shape: 'axe',
    head: 'wedged head',
    stropAtEnd: false,
    inSets: false,
    work: ['split'],
    edgeLengthMm: 75,
    bladeWidthMm: 150,
    spineThicknessMm: 48,
    reserveMm: 125,
    outline: { handleLengthMm: 780, bellyShare: 0.1, flareShare: 0.1 },
    steel: carbon(54),
    zone: {
      grind: 'convex',
      contour: 'bit',
      bevelAngleDeg: 30,
      primaryAngleDeg: 8,
      shoulderThicknessMm: 8,
      microBevel: null,
    },
  },
  'some-axe': {
    name: 'some axe',
    form: 'axe',
    shape: 'axe',
    head: 'wedged head',
    stropAtEnd: true,
    inSets: false,
    work: ['chop'],
    edgeLengthMm: 95,
    bladeWidthMm: 130,
    spineThicknessMm: 25,
    reserveMm: 105,
    outline: { handleLengthMm: 500, bellyShare: 0.15, flareShare: 0.3 },
    steel: carbon(55),
    zone: {
      grind: 'convex',
      contour: 'bit',
      bevelAngleDeg: 22,
      primaryAngleDeg: 8,
      shoulderThicknessMm: 5,
      microBevel: null,
    },
  },
  'some-knife': {
    name: 'some knife',
    form: 'knife',
    shape: { heel: 1, spineFall: 0.65, tip: 0.3, hollow: 0 },
    head: 'tang',
    stropAtEnd: true,
    inSets: false,
    work: ['food', 'rope'],
    edgeLengthMm: 105,
    bladeWidthMm: 26,
    spineThicknessMm: 3,
    reserveMm: 19,
    outline: { handleLengthMm: 112, bellyShare: 0.35, flareShare: 0 },
    steel: { ...carbon(57), steelClass: 'unknown', stainless: 'unknown', carbide: 'unknown' },
    zone: {
      grind: 'secondary-bevel',
      contour: 'belly',
      bevelAngleDeg: 19,
      primaryAngleDeg: 2.5,
      shoulderThicknessMm: 0.7,
      microBevel: null,
    },
  },
} as const satisfies Record<string, Kind>;

export type ToolKind = keyof typeof ROWS;

/** The kinds of tools, in the order in which they are offered. */
export const KINDS: Readonly<Record<ToolKind, Kind>> = ROWS;
export const TOOL_KINDS = Object.keys(ROWS) as readonly ToolKind[];

/** What holds of all tools of one form. */
export const FORMS: Readonly<
  Record<ToolForm, { width: string; ends: readonly [heel: string, tip: string] }>
> = {
  knife: { width: 'Blade width', ends: ['heel, plunge line', 'tip'] },
  axe: { width: 'Bit to eye', ends: ['heel', 'toe'] },
  machete: { width: 'Blade width', ends: ['heel', 'tip'] },
};
