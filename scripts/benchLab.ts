import polygonClipping from 'polygon-clipping';
import { edgeSection } from '../src/core/lab/edgeSection';
import { Grinder } from '../src/core/lab/grinder';
import { grindSection, labMoment, studyHold, type SectionStroke } from '../src/core/lab';
import { Draws } from '../src/core/random';
import { typicalTool } from '../src/domain/typicalTools';
import { millisecondsEach } from './millisecondsEach';

/** A stroke of the lab beside the same half plane taken off by a general clipper of polygons, and a whole study. */

const record = { id: 'bench', createdAt: '', updatedAt: '', deletedAt: null };
const tool = { ...record, ...typicalTool('scandi-knife', 'bench') };
const section = edgeSection({ tool, zone: tool.zones[0]!, apexRadiusUm: 4 });
const draws = new Draws(7);
const strokes = Array.from({ length: 160 }, (_, i): SectionStroke => ({
  angleDeg: tool.zones[0]!.bevelAngleDeg + 1.6 * draws.normal(),
  side: i % 2 === 0 ? 'left' : 'right',
  areaMm2: 2.6e-5,
}));

/** The planes that the strokes lie on, so that the clipper is spared the search for their depth. */
const planes = strokes.map((stroke, i) => {
  const { points } = grindSection({ section, strokes: strokes.slice(0, i + 1) }).section;
  const sign = stroke.side === 'left' ? 1 : -1;
  const turn = (stroke.angleDeg * Math.PI) / 180;
  const [sin, cos] = [Math.sin(turn), sign * Math.cos(turn)];
  const height = Math.max(...points.map(({ xMm, yMm }) => cos * yMm - sin * xMm));
  const at = (along: number, down: number): [number, number] => [
    Math.cos(turn) * along - sin * (height - down),
    sign * sin * along + cos * (height - down),
  ];
  return [at(-60, 0), at(60, 0), at(60, 60), at(-60, 60)];
});

const own = millisecondsEach(() => {
  const grinder = new Grinder(section, strokes.length);
  for (const { angleDeg, side, areaMm2 } of strokes) grinder.stroke(angleDeg, side, areaMm2);
}, 2000);
const clipper = millisecondsEach(() => {
  let outline = section.points.map(({ xMm, yMm }): [number, number] => [xMm, yMm]);
  for (const plane of planes) {
    outline = polygonClipping.intersection([outline], [plane])[0]![0] as [number, number][];
  }
}, 20);
const study = millisecondsEach(
  () =>
    studyHold({
      section,
      areaMm2: 2.6e-5,
      strokesPerSide: 80,
      hold: {
        angleDeg: tool.zones[0]!.bevelAngleDeg,
        wobbleDeg: 1.6,
        leftSteeperDeg: 0.6,
        backSteeperDeg: 0,
      },
      order: 'alternate',
      finishUm: 0.86,
      startUm: 4,
      runs: 2000,
      seed: 1,
    }),
  3,
);
const each = (ms: number): string => `${((1000 * ms) / strokes.length).toFixed(2)} µs a stroke`;
console.log(
  `lab stroke       ${each(own)}; general clipper ${each(clipper)}: ${(clipper / own).toFixed(0)} times as long`,
);
console.log(`lab study        2 000 sharpenings of 160 strokes in ${(study / 1000).toFixed(2)} s`);

/** What a frame of play works out: one sharpening from its first stroke on, and its report. */
const course = {
  section,
  startUm: 4,
  apexAngleDeg: tool.zones[0]!.bevelAngleDeg,
  strokes: strokes.map((stroke) => ({ ...stroke, isBack: false })),
  stones: [{ from: 0, finishUm: 0.86 }],
};
const frame = millisecondsEach(() => labMoment(course, strokes.length), 2000);
console.log(
  `lab frame        ${frame.toFixed(3)} ms for the last of 160 strokes, of the 16.7 ms that a frame has`,
);
