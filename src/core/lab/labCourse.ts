import { sum } from 'd3-array';
import { Draws, partOf } from '../random';
import { handStroke, type HandStroke } from './hand';
import type { Section, SectionStroke } from './section';
import { sectionReport, type SectionReport } from './sectionReport';
import { Sharpening, type EdgeBefore } from './sharpening';
import {
  holdRuns,
  leastAngleDeg,
  quantiles,
  reachedApex,
  type HoldRuns,
  type Quantiles,
  type ReachedApex,
  type SharpeningStudy,
} from './studyHold';

/** What one way of working comes to, over many sharpenings. */
export interface LabCourse extends EdgeBefore, ReachedApex {
  /** Strokes over all stones and both sides at which the courses are looked at. */
  at: number[];
  edge: Quantiles[];
  grams: Quantiles[];
  /** Where each sharpening ended. */
  ends: { edge: number[]; grams: number[] };
  /** The strokes of one sharpening that ends in the middle, and when it reached the apex. */
  strokes: LabStroke[];
  reachedAt: number | null;
  /** When each stone is taken up (strokes made by then), and the apex radius that it leaves (µm). */
  stones: { from: number; finishUm: number }[];
  /** What that sharpening leaves. */
  end: LabMoment;
  /** What all of its strokes take off the edge. */
  steelMg: number;
}

export type LabStroke = SectionStroke & HandStroke;

/** An edge in the middle of all sharpenings, after some strokes. */
export interface LabMoment {
  section: Section;
  report: SectionReport;
  isReached: boolean;
  radiusUm: number;
  /** How much shorter the edge has become. */
  shorterUm: number;
}

/** Whether most sharpenings reach the apex. */
export function mostReachApex({ reachedShare }: Pick<ReachedApex, 'reachedShare'>): boolean {
  return reachedShare >= MOST;
}
const MOST = 0.5;

/** How often the courses are looked at. */
const MOMENTS = 20;

/** Many sharpenings of an edge, and the one in their middle stroke by stroke; `steelMg` is what each takes off. */
export function courseOf(
  study: SharpeningStudy,
  steelMg: number,
  onShare?: (share: number) => void,
): LabCourse {
  const { section, startUm, apexAngleDeg } = study;
  const strokes = sum(study.stones, ({ turns }) => turns.length);
  const at = [
    ...new Set(Array.from({ length: MOMENTS + 1 }, (_, i) => Math.round((strokes * i) / MOMENTS))),
  ];
  const found = holdRuns({ ...study, at, onShare });
  const run = typicalRun(found);
  let from = 0;
  const drawn = {
    section,
    startUm,
    apexAngleDeg,
    strokes: strokesOfRun(study, run),
    stones: study.stones.map(({ turns, finishUm }) => {
      const stone = { from, finishUm };
      from += turns.length;
      return stone;
    }),
  };
  const each = (of: 'edgeInclusiveDeg' | 'grams') =>
    found.moments.map((moment) => quantiles(moment.map((one) => one[of])));
  const end = found.moments.at(-1)!;
  return {
    ...drawn,
    at,
    edge: each('edgeInclusiveDeg'),
    grams: each('grams'),
    ends: {
      edge: end.map(({ edgeInclusiveDeg }) => edgeInclusiveDeg),
      grams: end.map(({ grams }) => grams),
    },
    ...reachedApex(found),
    reachedAt: found.apexReachedAt[run]!,
    end: labMoment(drawn, strokes),
    steelMg,
  };
}

/** The edge of a course after so many of its strokes. */
export function labMoment(
  course: EdgeBefore & Pick<LabCourse, 'strokes' | 'stones'>,
  strokes: number,
): LabMoment {
  const sharpening = new Sharpening(course, strokes);
  let stone = 0;
  course.strokes.slice(0, strokes).forEach(({ angleDeg, side, areaMm2 }, i) => {
    while (course.stones[stone] && course.stones[stone]!.from <= i) {
      sharpening.takeUp(course.stones[stone]!.finishUm);
      stone += 1;
    }
    sharpening.stroke(angleDeg, side, areaMm2);
  });
  const section = sharpening.grinder.section();
  return {
    section,
    report: sectionReport({ section }),
    isReached: sharpening.isApexReached(),
    radiusUm: sharpening.radiusUm(),
    shorterUm: 1000 * sharpening.grinder.recessionMm(),
  };
}

/** The run whose edge ends nearest to the middle of all. */
function typicalRun({ moments }: HoldRuns): number {
  const end = moments.at(-1)!;
  const middle = quantiles(end.map((run) => run.edgeInclusiveDeg)).p50;
  let found = 0;
  end.forEach((run, i) => {
    const off = Math.abs(run.edgeInclusiveDeg - middle);
    if (off < Math.abs(end[found]!.edgeInclusiveDeg - middle)) found = i;
  });
  return found;
}

/** The strokes of one run of a study, as it drew them. */
function strokesOfRun({ section, stones, seed }: SharpeningStudy, run: number): LabStroke[] {
  const leastDeg = leastAngleDeg(section);
  const draws = new Draws(partOf(seed, run));
  return stones.flatMap(({ hold, turns, areaMm2 }) =>
    turns.map((turn) => ({ ...handStroke(hold, turn, leastDeg, draws), areaMm2 })),
  );
}
