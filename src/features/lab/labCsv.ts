import { grindSection, sectionReport, type LabAnswer } from '../../core';
import { writeTable } from '../../formats/csv/writeTable';

/** Both ways stroke by stroke: the angle of each, and what the section measures after it. Figures stay plain. */
export function labCsv(answer: LabAnswer, names: readonly string[]): string {
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
  const rows = answer.courses.flatMap((course, way) => {
    let { section } = course;
    return course.strokes.map((stroke, i) => {
      ({ section } = grindSection({ section, strokes: [stroke] }));
      const report = sectionReport({ section });
      return [
        names[way]!,
        String(i + 1),
        stroke.side,
        stroke.angleDeg.toFixed(3),
        stroke.areaMm2.toExponential(4),
        report.edgeInclusiveDeg.toFixed(3),
        report.apexWidthUm.toFixed(4),
        report.bevelInclusiveDeg.toFixed(3),
      ];
    });
  });
  return writeTable(heading, rows);
}
