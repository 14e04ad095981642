import type { TaskId } from '../tasks';
import type { Carbide, Contour, Grind, STEEL_CLASSES, YES_NO_UNKNOWN } from '../terms';

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

export interface UsualSteel {
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
