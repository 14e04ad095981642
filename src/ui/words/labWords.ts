import { mostReachApex } from '../../core/lab';
import type {
  CourseAnswer,
  CourseQuestionId,
  DoseOf,
  PlayedWork,
  Quantiles,
  StrokeAnswer,
  StrokeQuestionId,
} from '../../core/lab';
import { deg, figure, fineMm, grams, minutes, newtons, rounded, um } from '../format';
import { counted } from './counted';

/** What the edge lab says. */
export const labWords = {
  lab: 'Lab',
  whichEdge: 'See what a hand does to an edge: choose one.',
  questions: 'Questions',
  otherQuestions: 'Other questions',
  perSide: (angle: string) => `${angle} per side`,
  anotherEdge: 'Another edge',
  working: 'Sharpening it thousands of times …',
  cancel: 'Cancel',
  stopped: 'Stopped.',
  again: 'Start again',
  failed: (message: string) => `It could not be worked out: ${message}`,
  bevel: 'bevel, every stroke a ray',
  edge: 'edge, 100 µm',
  apex: 'apex, 10 µm',
  bevelShort: 'bevel',
  edgeShort: 'edge 0.1 mm',
  apexShort: 'apex 10 µm',
  scale: 'Scale',
  left: 'left',
  right: 'right',
  atTheBevel: (angle: string) => `${angle} at the bevel`,
  shorter: (shorter: string) => `${shorter} shorter`,
  before: 'before',
  dotted: 'Dotted: before. Hairline at the apex: were there no scratches.',
  stroke: 'stroke',
  strokeOf: (now: number, all: number) => `stroke ${now} of ${all}`,
  scrub: 'Strokes done',
  edgeCourse: 'Angle at the edge, both sides together',
  gramsCourse: 'Grams to part the filament',
  reachedAt: (stroke: number) => `apex at ${stroke}`,
  notReached: 'apex not reached',
  medians: (runs: string) =>
    `Angles of both sides together. Medians of ${runs} sharpenings; two in three lie in the band.`,
  table: 'The figures',
  tired: 'tired from here on',
  rows: {
    edge: 'at the edge',
    bevel: 'at the bevel',
    grams: 'grams',
    apex: '3 µm in',
    quarter: '¼ mm in',
    millimetre: '1 mm in',
    shorter: 'edge shorter',
    reached: 'apex at stroke',
    steel: 'steel off',
  },
  reachedBy: (share: number) => `${share} in ten`,
  handLine: (angle: string, wobble: string, left: string) =>
    [`hold ${angle}`, `wobble ${wobble}`, left && `left hand ${left}`].filter(Boolean).join(', '),
  holdField: 'hold, per side',
  wobbleField: 'wobble',
  leftField: 'left hand',
  forceField: 'force',
  strokesField: 'strokes a side',
  sizeField: 'stone',
  change: 'Change',
  whatToChange: 'What to change',
  less: (what: string) => `${what}: less`,
  more: (what: string) => `${what}: more`,
  onTheBevel: 'on the bevel',
  offTheBevel: (by: string, isHigh: boolean) => `${by} ${isHigh ? 'high' : 'low'}`,
  usualWobble: 'usual',
  yours: 'as you set it',
  steeper: (by: string) => `${by} steeper`,
  flatter: (by: string) => `${by} flatter`,
  alike: 'as the right',
  inAll: (strokes: number) => `${strokes} in all`,
  play: (strokes: number) => `Play ${strokes}`,
  pause: 'Pause',
  dulled: (apex: string) =>
    `This edge is keener than that: for the lab it is dulled to an apex of ${apex}.`,
  sideBySide: 'Side by side',
  afterEqualStrokes: 'after equal strokes',
  asApexIsReached: 'as the apex is reached',
  wobbleOf: (wobble: string) => `each at its own hold, wobble ${wobble}`,
  stepsPlayed: 'The strokes that are played',
  stropsNotPlayed: 'What a strop does is not played.',
  aSide: (strokes: number) => `${strokes} a side`,
  leftRight: (left: number, right: number) => `${left} left, ${right} right`,
  copyLink: 'Share the experiment',
  saveSvg: 'Picture as SVG',
  savePng: 'Picture as PNG',
  noPng: 'This browser cannot make the PNG. Take the SVG.',
  saveCsv: 'Figures as CSV',
};

/** Beside those about strokes and courses: strokes that were planned or made, and the years of a tool. */
export type LabQuestionId = StrokeQuestionId | CourseQuestionId | 'steps' | 'wear';

/** The ways of each question, by name. */
export const WAY_WORDS: Record<StrokeQuestionId | CourseQuestionId, readonly [string, string]> & {
  steps: readonly [string];
} = {
  wobble: ['Yours', 'Steady'],
  'low-high': ['Low', 'High'],
  micro: ['Micro-bevel', 'On the bevel'],
  force: ['Yours', 'Twice the force'],
  hands: ['Left steeper', 'Both alike'],
  angle: ['Flatter bevel', 'Steeper bevel'],
  jump: ['One between', 'Straight'],
  strop: ['Board', 'Slack belt'],
  finish: ['Polished', 'Toothy'],
  years: ['Whole face', 'Narrow band'],
  steps: ['These strokes'],
};

export const QUESTION_WORDS: Record<LabQuestionId, string> = {
  wobble: 'My wobble?',
  'low-high': 'Low or high?',
  micro: 'Micro-bevel or zero?',
  force: 'Pressing hard?',
  hands: 'The stronger hand?',
  angle: 'A degree flatter?',
  jump: 'Too far a jump?',
  strop: 'Soft belt or board?',
  finish: 'Toothy or polished?',
  years: 'Band or whole face?',
  steps: 'Enough strokes?',
  wear: 'Over the years?',
};

/** What a dose curve runs over. */
export const DOSE_WORDS: Record<DoseOf, { axis: string; value: (value: number) => string }> = {
  wobbleDeg: { axis: 'wobble', value: deg },
  holdDeg: { axis: 'hold, per side', value: deg },
  aboveDeg: { axis: 'held above the bevel', value: deg },
  forceN: { axis: 'force', value: newtons },
  leftDeg: { axis: 'left hand steeper by', value: deg },
  groundDeg: { axis: 'ground at, per side', value: deg },
};

/** How strokes, angle and grams of one way are told. */
interface Told {
  holdDeg: number;
  edge: string;
  grams: number;
  /** The stroke that most sharpenings have reached the apex by; null where most do not. */
  reached: number | null;
  share: number;
  strokes: number;
  shorter: string;
  steelMg: number;
}

function told(answer: StrokeAnswer): readonly [Told, Told] {
  const one = (i: 0 | 1): Told => {
    const course = answer.courses[i];
    return {
      edge: deg(course.edge.at(-1)!.p50),
      grams: course.grams.at(-1)!.p50,
      holdDeg: answer.ways[i].hold.angleDeg,
      reached: mostReachApex(course) ? Math.round(course.apexReachedAt!.p50) : null,
      share: course.reachedShare,
      strokes: course.at.at(-1)!,
      shorter: um(course.end.shorterUm),
      steelMg: course.steelMg,
    };
  };
  return [one(0), one(1)];
}

function reachedWords({ reached, share, strokes }: Told): string {
  if (reached !== null) return `reaches the apex at stroke ${reached}`;
  const inTen = Math.round(10 * share);
  return inTen === 0
    ? `does not reach the apex in ${strokes} strokes`
    : `reaches the apex ${inTen} times in ten`;
}

/** The answer to a question in a sentence, for this tool and hand; `bevelDeg` is that of its apex, per side. */
export function answerTitle(answer: StrokeAnswer, name: string, bevelDeg: number): string {
  const [a, b] = told(answer);
  const { wobbleDeg, leftSteeperDeg } = answer.ways[0].hold;
  const off = ({ holdDeg }: Told): string => deg(Math.abs(holdDeg - bevelDeg));
  switch (answer.question) {
    case 'wobble':
      return a.reached === null
        ? `With a wobble of ${deg(wobbleDeg)} ${name} ${reachedWords(a)}`
        : `With a wobble of ${deg(wobbleDeg)} ${name} ends ${a.edge} at the edge, not ${deg(2 * bevelDeg)}`;
    case 'low-high':
      return a.reached === null
        ? `Not so low: ${off(a)} low ${name} ${reachedWords(a)}`
        : `Rather low: ${off(a)} low ${name} ends ${a.edge} and ${a.shorter} shorter; ${off(b)} high, ${b.edge} and ${b.shorter}`;
    case 'micro':
      return `A micro-bevel ${reachedWords(a)}; on the bevel it ${reachedWords(b)}`;
    case 'force':
      return b.reached !== null && a.reached !== null
        ? `Twice the force: the apex at stroke ${b.reached}, not ${a.reached}, and the same edge, ${b.edge}`
        : `Your force ${reachedWords(a)}; twice the force ${reachedWords(b)}`;
    case 'hands':
      return `A left hand that holds ${deg(Math.abs(leftSteeperDeg))} ${leftSteeperDeg < 0 ? 'flatter' : 'steeper'} ends ${name} at ${a.edge}, not ${b.edge}`;
    case 'angle':
      return `At ${deg(a.holdDeg)} ${name} ends ${a.edge} at the edge, at ${deg(b.holdDeg)} ${b.edge}`;
  }
}

/** The catch of the answer: what it costs, or what to look for. */
export function answerCatch(answer: StrokeAnswer): string {
  const [a, b] = told(answer);
  const apart = Math.round(Math.abs(a.grams - b.grams));
  const keener =
    apart < 1 ? 'as keen' : `${grams(apart)} ${b.grams < a.grams ? 'keener' : 'duller'}`;
  switch (answer.question) {
    case 'wobble':
      return `A steady hand ends ${b.edge} and ${keener}; it ${reachedWords(b)}, yours ${reachedWords(a)}.`;
    case 'low-high':
      return `Low it ${reachedWords(a)}, high it ${reachedWords(b)}: look with ink before you go on.`;
    case 'micro':
      return `After ${counted.stroke(a.strokes)} it ends ${a.edge} at the edge, on the bevel ${b.edge}: quicker, with less bite.`;
    case 'force':
      return `Who does not stop sooner takes ${b.steelMg.toFixed(1)} mg of steel, not ${a.steelMg.toFixed(1)}, and loses ${b.shorter} of edge, not ${a.shorter}.`;
    case 'hands':
      return `The apex moves to the side of the flatter hand. With both alike it ${reachedWords(b)}; so it ${reachedWords(a)}.`;
    case 'angle':
      return 'The same hand adds as much to either. Chips come about as often as the square of the angle is less.';
  }
}

/** The answer of a finger on the post: a few words. */
export function answerShort(answer: StrokeAnswer): string {
  const [a, b] = told(answer);
  const at = ({ reached }: Told): string => (reached === null ? 'never' : String(reached));
  switch (answer.question) {
    case 'wobble':
      return `${a.edge} at the edge`;
    case 'low-high':
      return `${a.edge}, or ${b.edge}`;
    case 'micro':
      return `apex at ${at(a)}, or ${at(b)}`;
    case 'force':
      return `apex at ${at(b)}, not ${at(a)}`;
    case 'hands':
      return `${a.edge}, not ${b.edge}`;
    case 'angle':
      return `${a.edge}, or ${b.edge}`;
  }
}

/** What a dose curve says. */
export function doseTitle({ dose }: StrokeAnswer): string {
  const [first, last] = [dose.points[0]!, dose.points.at(-1)!];
  const axis = DOSE_WORDS[dose.of].axis;
  if (dose.counts === 'edge') {
    const each = (last.result.p50 - first.result.p50) / (last.value - first.value);
    return `Each degree of ${axis} adds ${deg(each)} at the edge`;
  }
  const finite = dose.points.filter(({ result }) => Number.isFinite(result.p50));
  const best = finite.reduce((a, b) => (b.result.p50 < a.result.p50 ? b : a), finite[0] ?? first);
  if (dose.counts === 'grams')
    return `Keenest at ${DOSE_WORDS[dose.of].value(best.value)}; under it, blunt`;
  return `Strokes until the apex, by ${axis}`;
}

/** A dose value with its range in words. */
export function doseWords({ dose }: StrokeAnswer, value: number, result: Quantiles): string {
  const said = {
    edge: () => `${deg(result.p50)} at the edge`,
    grams: () => grams(Math.round(result.p50)),
    reached: () =>
      Number.isFinite(result.p50) ? `apex at stroke ${Math.round(result.p50)}` : 'not reached',
  }[dose.counts]();
  return `${DOSE_WORDS[dose.of].value(value)}: ${said}`;
}

/** What a course runs over, and what it counts. */
export const COURSE_WORDS: Record<
  CourseQuestionId,
  { over: string; counts: string; value: (value: number) => string; at: (at: number) => string }
> = {
  jump: {
    over: 'times as coarse before',
    counts: 'Minutes until its scratches are gone',
    value: minutes,
    at: (at) => `${figure(Math.round(10 * at) / 10)} ×`,
  },
  strop: {
    over: 'strokes over both sides',
    counts: 'Grams to part the filament',
    value: (readingG) => grams(Math.round(readingG)),
    at: (at) => counted.stroke(Math.round(at)),
  },
  finish: {
    over: 'hours of work',
    counts: 'Apex radius',
    value: um,
    at: (at) => `${rounded(at, 1)} h`,
  },
  years: {
    over: 'touch-ups over three seasons',
    counts: 'Width of the worked face',
    value: fineMm,
    at: (at) => counted.touchUp(Math.round(at)),
  },
};

/** An edge that lasts no longer than this was never fit for its work (hours). */
const A_MOMENT_H = 0.05;

/** The answer to a course question in a sentence. */
export function courseTitle({ question, lines }: CourseAnswer, name: string): string {
  const [a, b] = lines.map(({ mark, points }) => mark ?? points.at(-1)!);
  const { value, at } = COURSE_WORDS[question];
  switch (question) {
    case 'jump':
      return `From a stone ${at(b!.at)} as coarse ${name} takes ${value(b!.value)} straight, ${value(a!.value)} by one between`;
    case 'strop':
      return `On a board ${name} comes to ${value(a!.value)} at ${at(a!.at)}, on a slack belt to ${value(b!.value)} at ${at(b!.at)}`;
    case 'finish':
      return b!.at < A_MOMENT_H
        ? `Polished ${name} is tired after ${at(a!.at)} of its work; toothy is too coarse for it from the start`
        : `Polished ${name} is tired after ${at(a!.at)} of its work, toothy after ${at(b!.at)}`;
    case 'years':
      return `After three seasons of narrow bands ${name} has a facet ${value(b!.value)} wide`;
  }
}

export function courseCatch({ question, lines }: CourseAnswer): string {
  const [a, b] = lines.map(({ points }) => points.at(-1)!);
  const { value } = COURSE_WORDS[question];
  switch (question) {
    case 'jump':
      return `Scratches are as deep as the grains that made them. Short jumps need no stone between: it costs a change of stones. Where the courses cross, it begins to pay.`;
    case 'strop':
      return `Past its best every stroke rounds the edge: after 120 strokes the board stands at ${value(a!.value)}, the belt at ${value(b!.value)}. Read grams, and stop at the best.`;
    case 'finish':
      return 'By the model alone, as the apex grows at an even rate. A toothy edge still bites rope, hide and food when its apex is round; your log says how long each lasts for you.';
    case 'years':
      return `The whole face stays ${value(a!.value)} wide and keeps its angle, and takes far more steel each time. Each touch-up is of an apex of 4 µm, 60 of them.`;
  }
}

export function courseShort({ question, lines }: CourseAnswer): string {
  const [a, b] = lines.map(({ mark, points }) => mark ?? points.at(-1)!);
  const { value, at } = COURSE_WORDS[question];
  switch (question) {
    case 'jump':
      return `${value(b!.value)}, with one between ${value(a!.value)}`;
    case 'strop':
      return `${value(b!.value)}, board ${value(a!.value)}`;
    case 'finish':
      return b!.at < A_MOMENT_H ? `polished ${at(a!.at)}` : `${at(b!.at)}, polished ${at(a!.at)}`;
    case 'years':
      return `3 seasons: ${value(b!.value)} wide`;
  }
}

/** What strokes that were planned or made come to, in a sentence. */
export function playedTitle({ courses: [course] }: PlayedWork, name: string): string {
  const all = course.strokes.length;
  if (course.reachedShare === 0) return `These ${all} strokes do not reach the apex of ${name}`;
  const at = Math.round(course.apexReachedAt!.p50);
  return mostReachApex(course)
    ? `These strokes reach the apex of ${name} at ${at} of ${all}`
    : `These ${all} strokes reach the apex of ${name} ${Math.round(10 * course.reachedShare)} times in ten`;
}

export function playedCatch({ courses: [course] }: PlayedWork): string {
  const { end, reachedShare, steelMg } = course;
  const shorter = end.shorterUm < 0.5 ? '' : `, ${um(end.shorterUm)} shorter`;
  const left = `They end ${deg(course.edge.at(-1)!.p50)} at the edge${shorter}, with ${steelMg.toFixed(1)} mg of steel off.`;
  if (reachedShare === 0)
    return `${left} So it should be while steel behind the edge is thinned; else look with ink: too few, or held too low.`;
  return reachedShare > 0.95
    ? left
    : `${left} ${Math.round(100 * reachedShare)} of 100 sharpenings get there: go by the burr, not by the count.`;
}

export function playedShort({ courses: [course] }: PlayedWork): string {
  return mostReachApex(course)
    ? `apex at ${Math.round(course.apexReachedAt!.p50)} of ${course.strokes.length}`
    : `${Math.round(10 * course.reachedShare)} times in ten`;
}
