import { grindSection, sectionReport, type StrokeAnswer } from '../../core';
import { writeTable } from '../../formats/csv/writeTable';

/** Both ways stroke by stroke: the angle of each, and what the section measures after it. Figures stay plain. */
export function labCsv(answer: StrokeAnswer, names: readonly [string, string]): string {
  const heading = [
    'way',
    'stroke',
    'side',
    'angleDeg',
    'areaMm2',
    'edgeInclusiveDeg',
    'apexWidthUm',
    'bevelInclusiveDeg',
  ];
  const rows = answer.courses.flatMap((course, way) =>
    course.strokes.map(({ side, angleDeg, areaMm2 }, i) => {
      const { section } = grindSection({
        section: course.section,
        strokes: course.strokes.slice(0, i + 1),
      });
      const report = sectionReport({ section });
      return [
        names[way]!,
        String(i + 1),
        side,
        angleDeg.toFixed(3),
        areaMm2.toExponential(4),
        report.edgeInclusiveDeg.toFixed(3),
        report.apexWidthUm.toFixed(4),
        report.bevelInclusiveDeg.toFixed(3),
      ];
    }),
  );
  return writeTable(heading, rows);
}
