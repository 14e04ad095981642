import { logChartWords as say } from './words';
import { SideScroll } from '../../../ui/SideScroll';
import { compareDesc } from 'date-fns';
import type { LogAnswers } from '../../../core/answers';
import type { Tool } from '../../../domain/tool';
import { edgeName } from '../../../domain/edgeName';
import { day, um } from '../../../ui/format';
import Link from '../../../ui/Link';
import { WORK_MARK_WORDS } from '../../../ui/WorkSign';

/** So many of the latest entries stand in the table; older ones are in the log below. */
const MOST_ROWS = 200;

/** The chosen row as a table. */
export function CourseTable({ tool, edges }: { tool: Tool; edges: LogAnswers['edges'] }) {
  const rows = edges
    .flatMap(({ course, zoneId }) => course.entries.map((entry) => ({ entry, course, zoneId })))
    .sort((a, b) => compareDesc(a.entry.at, b.entry.at))
    .slice(0, MOST_ROWS);
  return (
    <details className="min-w-0">
      <summary className="inline-flex min-h-12 cursor-pointer items-center underline underline-offset-4">
        {say.asATable(tool.name)}
      </summary>
      {edges.map(({ zoneId, rounder }) => {
        const zone = tool.zones.find(({ id }) => id === zoneId);
        return zone && rounder ? (
          <p key={zoneId}>
            {say.rounderThanTargetDays(
              edgeName(tool, zone),
              Math.round(rounder.rounder),
              Math.round(rounder.of),
            )}
          </p>
        ) : null;
      })}
      <SideScroll label={say.theCourseAsATable}>
        <table className="table-plain mt-1 w-auto">
          <thead>
            <tr>
              <th>{say.day}</th>
              <th>{say.work}</th>
              <th className="number">{say.before}</th>
              <th className="number">{say.after}</th>
              <th className="number">{say.asked}</th>
            </tr>
          </thead>
          <tbody>
            {rows.map(({ entry, course }) => (
              <tr key={entry.id}>
                <td>
                  <Link className="link figures" href={`/log/entry?id=${entry.id}`}>
                    {day(entry.at)}
                  </Link>
                </td>
                <td>{WORK_MARK_WORDS[entry.mark]}</td>
                <td className="number">{entry.before ? um(entry.before.apexUm) : '–'}</td>
                <td className="number">{entry.after ? um(entry.after.apexUm) : '–'}</td>
                <td className="number">{um(course.targetUm)}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </SideScroll>
    </details>
  );
}
