import {
  askCourses,
  askStrokes,
  COURSE_QUESTIONS,
  labEdge,
  STROKE_QUESTIONS,
} from '../../core/lab';
import { sampleStandings } from '../../testing/sampleStandings';
import {
  answerCatch,
  answerShort,
  answerTitle,
  courseCatch,
  courseShort,
  courseTitle,
  doseTitle,
} from './labWords';

const needs = sampleStandings().needs;
const experiment = (angleDeg: number, strokesPerSide: number) => ({
  hold: { angleDeg, wobbleDeg: 1.5, leftSteeperDeg: 0, backSteeperDeg: 0 },
  forceN: 8,
  strokesPerSide,
  stone: { family: 'diamond', sizeUm: 25 } as const,
  strokeLengthMm: 95,
});

/** Sentences without holes, with figures of a person's size. */
function sound(text: string): void {
  expect(text).not.toMatch(/NaN|Infinity|undefined|null|\s{2}/);
  expect(text.length).toBeGreaterThan(3);
  expect(text.length).toBeLessThan(240);
}

it.each(STROKE_QUESTIONS)(
  '%s is said in whole sentences for every edge, reached or not',
  (question) => {
    for (const { tool, zone } of needs) {
      const edge = labEdge({ tool, zone, apexRadiusUm: 5 });
      for (const strokes of [10, 60]) {
        const answer = askStrokes({
          question,
          edge,
          experiment: experiment(edge.apexAngleDeg, strokes),
          runs: 20,
          seed: 1,
        });
        sound(answerTitle(answer, tool.name, edge.apexAngleDeg));
        sound(answerCatch(answer));
        sound(answerShort(answer));
        sound(doseTitle(answer));
        expect(answerTitle(answer, tool.name, edge.apexAngleDeg).length).toBeLessThan(130);
      }
    }
  },
);

it.each(COURSE_QUESTIONS)('%s is said in whole sentences for every edge', (question) => {
  for (const { tool, zone } of needs) {
    const edge = labEdge({ tool, zone, apexRadiusUm: 5 });
    const answer = askCourses({ question, edge, experiment: experiment(edge.apexAngleDeg, 40) });
    sound(courseTitle(answer, tool.name));
    sound(courseCatch(answer));
    sound(courseShort(answer));
  }
});
