import { mostReachApex } from '../../core/lab';
import type { LabCourse, SectionReport, LabAnswer } from '../../core/lab';
import { deg, grams, um } from '../../ui/format';
import { labWords as say } from '../../ui/words/labWords';

/** Hardly any sharpening reaches the apex below this share. */
const HARDLY_ANY = 0.05;

/** Every figure before and after, either way: the same answer in numbers. */
export function LabTable(props: { answer: LabAnswer; names: readonly string[] }) {
  const { answer, names } = props;
  const { before, courses } = answer;
  const each = (of: (course: LabCourse) => string): string[] => courses.map(of);
  const measured = (of: (report: SectionReport) => string): string[] => [
    of(before),
    ...each(({ end }) => of(end.report)),
  ];
  const umIn = (mm: number): string => um(1000 * mm);
  const rows: [string, ...string[]][] = [
    [say.rows.edge, deg(before.edgeInclusiveDeg), ...each((c) => deg(c.edge.at(-1)!.p50))],
    [say.rows.bevel, ...measured((r) => deg(r.bevelInclusiveDeg))],
    [
      say.rows.grams,
      grams(Math.round(before.grams)),
      ...each((c) => grams(Math.round(c.grams.at(-1)!.p50))),
    ],
    [say.rows.apex, ...measured((r) => um(r.apexWidthUm))],
    [say.rows.quarter, ...measured((r) => umIn(r.thicknessMm.at025))],
    [say.rows.millimetre, ...measured((r) => umIn(r.thicknessMm.at1))],
    [say.rows.shorter, '', ...each((c) => um(c.end.shorterUm))],
    [say.rows.reached, '', ...each(reachedIn)],
    [say.rows.steel, '', ...each((c) => `${c.steelMg.toFixed(1)} mg`)],
  ];
  return (
    <table
      className="table-plain w-full text-[0.95rem] [&_td]:!py-0.5 [&_th]:!py-0.5"
      aria-label={say.table}
    >
      <thead>
        <tr>
          <th />
          <th className="number font-normal">{say.before}</th>
          {names.map((name) => (
            <th key={name} className="number">
              {name.toLowerCase()}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {rows.map(([what, ...values]) => (
          <tr key={what}>
            <th
              scope="row"
              className="!border-b !border-rule text-left font-normal whitespace-nowrap"
            >
              {what}
            </th>
            {values.map((value, i) => (
              <td key={i} className="number">
                {value}
              </td>
            ))}
          </tr>
        ))}
      </tbody>
    </table>
  );
}

function reachedIn(course: LabCourse): string {
  const { apexReachedAt, reachedShare } = course;
  if (apexReachedAt === null || reachedShare < HARDLY_ANY) return '–';
  const at = String(Math.round(apexReachedAt.p50));
  return mostReachApex(course) ? at : `${at} (${say.reachedBy(Math.round(10 * reachedShare))})`;
}
