import { array, boolean, object, string, type InferType } from 'yup';
import { FACET_WIDTH_MM, SHOULDER_MM } from './zoneLimits';
import { TASK_IDS } from './tasks';
import {
  count,
  identifier,
  identifierOrNull,
  measure,
  measureOrNull,
  name,
  oneOf,
  oneOfOrNull,
  recordFields,
  text,
  timestampOrNull,
} from './fields';
import {
  ANGLE_METHODS,
  CARBIDES,
  CONTOURS,
  FILE_BITES,
  GRINDS,
  HANDLE_MATERIALS,
  HEAD_FIXINGS,
  SHEATH_MATERIALS,
  SPINE_USES,
  STEEL_CLASSES,
  YES_NO_UNKNOWN,
} from './terms';
import { TOOL_KINDS } from './kinds';
import { SCHOOLS } from './schools';

/** One answer to each question, by the keeper of a tool. */
const schoolsSchema = object({
  drift: oneOf(SCHOOLS.drift),
  finish: oneOf(SCHOOLS.finish),
  pressure: oneOf(SCHOOLS.pressure),
  stropPressure: oneOf(SCHOOLS.stropPressure),
  stropAngle: oneOf(SCHOOLS.stropAngle),
  counting: oneOf(SCHOOLS.counting),
  moves: oneOf(SCHOOLS.moves),
  motion: oneOf(SCHOOLS.motion),
  tip: oneOf(SCHOOLS.tip),
  burr: oneOf(SCHOOLS.burr),
  burrWhen: oneOf(SCHOOLS.burrWhen),
  gritSteps: oneOf(SCHOOLS.gritSteps),
  profile: oneOf(SCHOOLS.profile),
  scratches: oneOf(SCHOOLS.scratches),
  lubricant: oneOf(SCHOOLS.lubricant),
  stropAtEnd: oneOf(SCHOOLS.stropAtEnd),
}).noUnknown();

/** Another field as a limit; where it is no number it is refused itself, and nothing lies within it. */
const limit = (field: unknown): number => (typeof field === 'number' ? field : NaN);

/** Angles per side, in degrees. */
const edgeAngleDeg = measure(5, 60);

/** A facet left along a stretch of a zone: kept as it is, or blended in by the next touch-ups. */
const facetSchema = object({
  angleDeg: edgeAngleDeg,
  faceWidthMm: measure(FACET_WIDTH_MM.least, FACET_WIDTH_MM.most),
  startMm: measure(0, 1000),
  endMm: measure(0, 1000),
  kept: boolean().required(),
}).noUnknown();

export type ZoneFacet = InferType<typeof facetSchema>;

/** One stretch of a tool's edge with its own grind, angle and finish. */
export const zoneSchema = object({
  id: identifier(),
  name: name(),
  /** Where the zone begins and ends along the edge, from the heel. */
  startMm: measure(0, 1000),
  endMm: measure(0, 1000).when('startMm', ([startMm], schema) =>
    schema.moreThan(limit(startMm), '${path} must lie beyond the start of the stretch'),
  ),
  grind: oneOf(GRINDS),
  contour: oneOf(CONTOURS),
  bevelAngleDeg: edgeAngleDeg,
  angleMethod: oneOf(ANGLE_METHODS),
  /** What that angle may be off by, one standard deviation; null where nobody said. */
  angleErrorDeg: measureOrNull(0, 20),
  /** When its measures were taken; null where they are the usual ones of its kind. */
  measuredAt: timestampOrNull(),
  /** Half angle of the faces behind the bevel: the taper, or the cheek of an axe. */
  primaryAngleDeg: measure(0, 45).when('bevelAngleDeg', ([bevelDeg], schema) =>
    schema.lessThan(limit(bevelDeg), '${path} must be less than the bevel angle'),
  ),
  /** Thickness where the bevel begins; the whole stock on a scandi. */
  shoulderThicknessMm: measure(SHOULDER_MM.least, SHOULDER_MM.most),
  microBevel: object({ angleDeg: edgeAngleDeg, faceWidthMm: measure(0.02, 10) })
    .noUnknown()
    .nullable()
    .defined()
    .when('bevelAngleDeg', ([bevelDeg], schema) =>
      schema.test('steeper', (micro, { path, createError }) =>
        !micro || micro.angleDeg > limit(bevelDeg)
          ? true
          : createError({
              path: `${path}.angleDeg`,
              message: '${path} must be more than the bevel angle',
            }),
      ),
    ),
  /** Radius of the wheel that hollowed the faces behind the bevel; null where they are flat. */
  hollowRadiusMm: measure(10, 1000).nullable().defined(),
  /** Width of the worked face past which the zone needs thinning; null where none is set. */
  faceLimitMm: measure(0.1, 40).nullable().defined(),
  /** A steeper facet that a narrow band has left at the edge; null where there is none. */
  facet: facetSchema.nullable().defined(),
  /** The work it does; empty where a test says what it must do. */
  work: array(oneOf(TASK_IDS)).max(TASK_IDS.length).required(),
  /** The apex radius that its work, or the test it must pass, asks for. */
  targetApexUm: measure(0.1, 20),
  /** A fine zone that must never hit anything hard. */
  noImpacts: boolean().required(),
}).noUnknown();

export type Zone = InferType<typeof zoneSchema>;

/** Steel by class; hardness as a range, closed where it is known. */
const steelSchema = object({
  steelClass: oneOf(STEEL_CLASSES),
  hardnessLowHrc: measure(30, 68),
  hardnessHighHrc: measure(30, 68).when('hardnessLowHrc', ([lowHrc], schema) =>
    schema.min(limit(lowHrc), '${path} must not be below the lower end of the range'),
  ),
  carbide: oneOf([...CARBIDES, 'unknown']),
  stainless: oneOf(YES_NO_UNKNOWN),
  /** What a file did on it; null when not tried. */
  fileBite: oneOfOrNull(FILE_BITES),
}).noUnknown();

export type Steel = InferType<typeof steelSchema>;

/** The spine as a scraper; a burnished hook can be raised again a few times before it is filed. */
const spineSchema = object({
  use: oneOf(SPINE_USES),
  raisingsLeft: count(10),
  /** The stretch that is worked, from the heel; null for what is usual. */
  startMm: measureOrNull(0, 1000),
  endMm: measureOrNull(0, 1000).when('startMm', ([startMm], schema) =>
    typeof startMm === 'number'
      ? schema.moreThan(startMm, '${path} must lie beyond the start of the stretch')
      : schema,
  ),
}).noUnknown();

/** The outline that a silhouette is drawn from. */
const outlineSchema = object({
  handleLengthMm: measure(20, 1200),
  /** Share of the edge that curves up to the tip. */
  bellyShare: measure(0, 1),
  /** How far an axe's bit flares, or a hook curves in, as a share of its width. */
  flareShare: measure(0, 1),
}).noUnknown();

/** A path of straight lines, as drawings write it: nothing else may stand in one. */
const path = () =>
  string()
    .max(8000)
    .matches(/^M[-\d.,LMZ]+$/, '${path} must be a path of straight lines like M0,0L10,5Z')
    .required();

/** An outline that was traced on a photo, in mm, hanging as silhouettes do: x toward the edge, y down. */
const tracedSchema = object({
  blade: path(),
  handle: path(),
  /** The cutting edge alone. */
  edge: path(),
  edgeTopMm: measure(0, 2000),
  widthMm: measure(1, 2000),
  lengthMm: measure(1, 2000),
}).noUnknown();

export type TracedOutline = InferType<typeof tracedSchema>;

/** A tool on the rack. */
export const toolSchema = object({
  ...recordFields,
  name: name(),
  kind: oneOf(TOOL_KINDS),
  edgeLengthMm: measure(20, 1000),
  /** From edge to spine; on an axe from bit to eye. */
  bladeWidthMm: measure(5, 200),
  spineThicknessMm: measure(0.5, 60),
  /** Blade width, or depth of hardened bit, that must remain. */
  reserveMm: measure(0, 200),
  outline: outlineSchema.required(),
  /** Null where the silhouette is drawn from the measures. */
  traced: tracedSchema.nullable().defined(),
  steel: steelSchema.required(),
  zones: array(zoneSchema.required()).min(1, '${path} must hold at least one stretch').required(),
  /** How many alike travel together, as with cheap parers. */
  count: count(20).min(1),
  spine: spineSchema.required(),
  head: oneOf(HEAD_FIXINGS),
  handle: oneOf(HANDLE_MATERIALS),
  /** The tool whose handle this is another blade of, as on a pocket tool; null for a handle of its own. */
  handleOf: identifierOrNull(),
  sheath: oneOf(SHEATH_MATERIALS),
  schools: schoolsSchema.required(),
  notes: text(),
}).noUnknown();

export type Tool = InferType<typeof toolSchema>;

/** Whether any tool is recorded with such a measure (mm). */
export function isToolMeasure(of: 'edgeLengthMm' | 'spineThicknessMm', mm: number): boolean {
  return toolSchema.pick([of]).isValidSync({ [of]: mm });
}
