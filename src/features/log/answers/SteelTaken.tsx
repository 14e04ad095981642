import { counted } from '../../../ui/words/counted';
import { logAnswersWords as say } from '../../../ui/words/screens/logAnswers';
import { sum } from 'd3-array';
import type { EdgeAnswers } from '../../../core';
import { mm, yearsAhead, rounded } from '../../../ui/format';
import type { EdgeNamer } from '../../../ui/words/edgeNames';
import { Answer, AnswerTable } from './Answer';

/** Steel that each touch-up takes, in a year, and what is left. */
export function SteelTaken({
  edges,
  nameOf,
}: {
  edges: readonly EdgeAnswers[];
  nameOf: EdgeNamer;
}) {
  const rows = edges.flatMap(({ steel, ...edge }) => (steel ? [{ edge, steel }] : []));
  if (rows.length === 0) return null;
  const most = rows.reduce((a, b) => (perYearMm(b.steel) > perYearMm(a.steel) ? b : a));
  const touchUps = sum(rows, ({ steel }) => steel.pace.touchUps);
  return (
    <Answer
      title={say.losesMostSteelMA(
        nameOf(most.edge),
        rounded(1000 * perYearMm(most.steel), 0),
        yearsWords(most.steel.years),
      )}
      behind={say.fromTheRecessionThatEach(touchUps)}
    >
      <AnswerTable
        heads={[
          [say.edge, false],
          [say.eachTouchUp, true],
          [say.withoutChips, true],
          [say.aYear, true],
          [say.left, true],
          [say.thatIs, false],
        ]}
      >
        {rows.map(({ edge, steel }) => (
          <tr key={nameOf(edge)}>
            <td className="font-semibold">{nameOf(edge)}</td>
            <td className="number">{rounded(1000 * steel.pace.recessionMm, 0)} µm</td>
            <td className="number">{rounded(1000 * steel.pace.everydayMm, 0)} µm</td>
            <td className="number">{rounded(1000 * perYearMm(steel), 0)} µm</td>
            <td className="number">{mm(steel.leftMm)}</td>
            <td>
              {counted.touchUp(steel.touchUps)}, {yearsAhead(steel.years)}
            </td>
          </tr>
        ))}
      </AnswerTable>
    </Answer>
  );
}

function perYearMm({ pace }: NonNullable<EdgeAnswers['steel']>): number {
  return pace.recessionMm * pace.touchUpsPerYear;
}

function yearsWords(years: number): string {
  return years > 20 ? say.longerThanTwentyYears : say.about(counted.year(Math.round(years)));
}
