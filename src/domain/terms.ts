/** The closed vocabularies of the field, shared by records and computation. */

/** How a strop yields under the edge, hardest first. */
export const STROP_BACKINGS = ['hard', 'leather-on-wood', 'soft', 'slack'] as const;
export type StropBacking = (typeof STROP_BACKINGS)[number];

/** The body that carries a strop's surface. */
export const STROP_FORMS = [
  'paddle',
  'bench-strop',
  'belt',
  'hanging-strop',
  'block',
  'curved-block',
  'board',
] as const;
export type StropForm = (typeof STROP_FORMS)[number];

export const CARBIDES = ['low', 'moderate', 'high', 'vanadium-rich'] as const;
export type Carbide = (typeof CARBIDES)[number];

export const STEEL_CLASSES = ['carbon', 'tool', 'stainless', 'unknown'] as const;

/** What a file does on the steel near the edge: it tells the hardness. */
export const FILE_BITES = ['bites', 'hardly bites', 'skates'] as const;
export type FileBite = (typeof FILE_BITES)[number];

export const YES_NO_UNKNOWN = ['yes', 'no', 'unknown'] as const;

/** What the spine is kept for. */
export const SPINE_USES = ['plain', 'square scraper', 'burnished hook'] as const;

/** How the part that cuts is held in the handle. */
export const HEAD_FIXINGS = ['tang', 'wedged head', 'slip-on head', 'bolted bit'] as const;

export const HANDLE_MATERIALS = ['wood', 'other'] as const;
export const SHEATH_MATERIALS = ['none', 'leather', 'other'] as const;

/** Numbered grade scales, each counting in its own way. */
export const NUMBERED_SCALES = ['fepa-p', 'fepa-f', 'cami', 'jis', 'mesh', 'micron'] as const;
export type NumberedScale = (typeof NUMBERED_SCALES)[number];

/**
 * The numbers that each scale runs over, coarse to fine: the published tables, the trade values beyond
 * them, and for diamond mesh as far as sellers go.
 */
export const SCALE_LIMITS: Record<NumberedScale, readonly [least: number, most: number]> = {
  'fepa-p': [40, 5000],
  'fepa-f': [80, 2000],
  cami: [60, 1200],
  jis: [240, 12_000],
  mesh: [30, 15_000],
  micron: [0.05, 2000],
};

/** The finest mesh whose labels agree: beyond it a thing's µm are asked for. */
export const MOST_MESH = 600;

/** Things graded by a name: natural stones by density class, files by cut, steels by surface. */
export const NAMED_GRADES = [
  'bastard-file',
  'smooth-file',
  'coarse-sandstone',
  'soft-novaculite',
  'hard-novaculite',
  'translucent-novaculite',
  'beach-pebble',
  'smooth-steel',
  'grooved-steel',
] as const;
export type NamedGrade = (typeof NAMED_GRADES)[number];

/** Density (g/ml) of the natural stones that are rated by it, loose to dense. */
export const DENSITY_LIMITS = [2, 2.75] as const;

/**
 * `natural` takes a name, `density` that of a natural stone in g/ml, `range` a span of µm for a thing
 * whose scale is unknown.
 */
export const SCALES = [...NUMBERED_SCALES, 'natural', 'density', 'range'] as const;
export type Scale = (typeof SCALES)[number];

/** A surface that cuts freely, as usual, or not at all well: full of swarf, or its grains worn smooth. */
export const FACE_STATES = ['fresh', 'normal', 'loaded', 'glazed'] as const;
export type FaceState = (typeof FACE_STATES)[number];

/** The body that carries an abrasive face. */
export const ABRASIVE_FORMS = [
  'file',
  'plate',
  'pocket-stone',
  'bench-stone',
  'puck',
  'rod',
  'paper',
  'pebble',
  'steel',
  'pull-through',
] as const;
export type AbrasiveForm = (typeof ABRASIVE_FORMS)[number];

export const LUBRICANT_KINDS = ['dry', 'water', 'oil', 'fat'] as const;
export type LubricantKind = (typeof LUBRICANT_KINDS)[number];

/** Things that help and do not cut. */
export const HELPER_KINDS = [
  'marker',
  'coins',
  'wedge',
  'clamp',
  'gloves',
  'eye protection',
  'wipes',
  'oil or wax',
  'first aid',
  'flat board',
  'flattening stone',
  'other',
] as const;
export type HelperKind = (typeof HELPER_KINDS)[number];

/** What a kit has to cover beside the edges themselves. */
export const COVERS = [
  'see the angle',
  'lubricant',
  'rust film',
  'wipe',
  'flat backing',
  'hand protection',
  'first aid',
] as const;
export type Cover = (typeof COVERS)[number];

/** Where a carried thing goes. */
export const CARRY_PLACES = ['pouch', 'pack', 'base-camp'] as const;
export type CarryPlace = (typeof CARRY_PLACES)[number];

export const PLACES = [...CARRY_PLACES, 'workshop'] as const;
/** Where a person stands with a tool, from the most at hand to the least. */
export const SPOTS = ['bench', 'vehicle', 'camp', 'pack', 'belt'] as const;
export type Spot = (typeof SPOTS)[number];

export const GRINDS = ['scandi', 'convex', 'secondary-bevel', 'hollow'] as const;
export type Grind = (typeof GRINDS)[number];

export const CONTOURS = ['straight', 'belly', 'tip', 'recurve', 'bit'] as const;
export type Contour = (typeof CONTOURS)[number];

export const ANGLE_METHODS = [
  'typical',
  'face-width',
  'bevel-height',
  'spine-lift',
  'tilt',
  'stated',
] as const;
export type AngleMethod = (typeof ANGLE_METHODS)[number];

/** Sharpness tests from finest to coarsest: the finest one that the edge passes. */
export const SHARPNESS_TESTS = [
  'pops-hair',
  'shaves',
  'push-cuts-newsprint',
  'slices-paper',
  'tears-paper',
  'slides-on-nail',
  'blunt',
] as const;
export type SharpnessTest = (typeof SHARPNESS_TESTS)[number];

/** Tests on other papers: each stands between two of the scale. */
export const PAPER_TESTS = ['kitchen-paper', 'thin-magazine-paper', 'folded-paper'] as const;

/** Everything that an edge may be tested on. */
export const EDGE_TESTS = [...SHARPNESS_TESTS, ...PAPER_TESTS] as const;
export type EdgeTestKind = (typeof EDGE_TESTS)[number];

export const EDGE_PLACES = ['heel', 'middle', 'belly', 'tip', 'whole'] as const;

export const FINDING_KINDS = [
  'chip',
  'roll',
  'burr',
  'glint',
  'rust',
  'out-of-true',
  'ink-left',
  'blunted-tip',
  'bent-tip',
  'wedges',
] as const;
export type FindingKind = (typeof FINDING_KINDS)[number];

/** Across the bevel: which facet a finding lies on. */
export const BANDS = ['shoulder', 'middle', 'apex'] as const;

/** Where damage came from: only normal work speaks about the angle. */
export const CAUSES = ['work', 'misuse', 'factory', 'unknown'] as const;

/** Shaving tells a standing burr: it then shaves one way only. */
export const SHAVING_WAYS = ['both ways', 'one way'] as const;

export const SIDES = ['left', 'right'] as const;
export type Side = (typeof SIDES)[number];

/**
 * How tool and abrasive meet: the stone held over a tool that is held, too; the tool moved over a stone that
 * lies; the stone moved over a tool that is braced.
 */
export const HELD_WAYS = ['in the hand', 'laid down', 'braced'] as const;
export type HeldWay = (typeof HELD_WAYS)[number];

export const MOTIONS = ['sweeps', 'back-and-forth', 'circles'] as const;
export type Motion = (typeof MOTIONS)[number];

/** What a session is for: an everyday touch-up, or a job that is done now and then. */
export const JOBS = ['touch-up', 'hone', 'upkeep', 'thin', 'angle', 'spine'] as const;
export type Job = (typeof JOBS)[number];

/** What a step on the spine does. */
const SPINE_TASKS = [
  'file the spine square',
  'stone the spine',
  'raise the hook',
  'strop the spine',
] as const;

/**
 * What is done about damage: a narrow steeper band just past it, the whole face at its own angle, or
 * nothing, so that later touch-ups wear it out.
 */
export const DAMAGE_WAYS = ['narrow band', 'whole face', 'leave it'] as const;
export type DamageWay = (typeof DAMAGE_WAYS)[number];

/** What one step of a job does. */
export const STEP_TASKS = [
  'grind out damage',
  'restore the apex',
  'remove scratches',
  'strop',
  'lay a turned edge straight',
  'blend the facet',
  'blend the arc',
  'move the shoulders back',
  'grind the new angle',
  'grind a facet of the arc',
  'smooth the arc',
  'grind the bevel flat',
  'polish behind the edge',
  ...SPINE_TASKS,
] as const;
export type StepTask = (typeof STEP_TASKS)[number];

/** Whether a step works the spine and not the edge. */
export function isSpineTask(task: StepTask): boolean {
  return (SPINE_TASKS as readonly StepTask[]).includes(task);
}

/**
 * Where ink went off the bevel: at the edge too, all but the edge, or the edge alone; on an arc also
 * everywhere but in the middle, or everywhere but at the shoulder.
 */
export const INK_SEEN = [
  'gone to the edge',
  'left at the edge',
  'gone at the edge alone',
  'left in the middle',
  'left at the shoulder',
] as const;
export type InkSeen = (typeof INK_SEEN)[number];

/** Why a step was left out. */
export const SKIP_REASONS = [
  'its signs are there already',
  'the thing is not at hand',
  'no time for it',
  'it does nothing',
] as const;
export type SkipReason = (typeof SKIP_REASONS)[number];

/** What the weather and the place do to steel. */
export const CLIMATES = ['wet', 'dry', 'freezing', 'salt'] as const;
export type Climate = (typeof CLIMATES)[number];

/** What a person counts the work of an edge in. */
export const WORK_UNITS = ['hours', 'cuts', 'splits'] as const;
export type WorkUnit = (typeof WORK_UNITS)[number];

/** How a burr was taken off at the end of a step. */
export const DEBURR_WAYS = [
  'ever lighter strokes',
  'feather strokes, steeper',
  'light reverse strokes',
  'left for the strop',
  'drawn through soft wood',
] as const;
export type DeburrWay = (typeof DEBURR_WAYS)[number];

/** How strokes are shared between the sides, and along the edge. */
export const COUNT_SCHEMES = [
  'a side at a time',
  'sets of ten',
  'countdown',
  'alternate',
  'out and back',
  'heel to toe and back',
] as const;
export type CountScheme = (typeof COUNT_SCHEMES)[number];
