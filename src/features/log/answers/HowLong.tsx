import { spoken } from '../../../ui/words/closedWords';
import { counted } from '../../../ui/words/counted';
import { logAnswersWords as say } from './words';
import { sum } from 'd3-array';
import type { EdgeAnswers } from '../../../core/answers';
import { Columns } from '../../../ui/plot';
import type { EdgeNamer } from '../../../ui/words/edgeNames';
import { storyWords } from '../../../ui/words/logWords';
import { Answer, AnswerTable } from './Answer';

const MOST_BARS = 12;

/** Days and work between strops, stones and thinnings of each edge, and where that leads. */
export function HowLong({ edges, nameOf }: { edges: readonly EdgeAnswers[]; nameOf: EdgeNamer }) {
  const rows = edges.flatMap((edge) => edge.gaps.map((gaps) => ({ edge, gaps })));
  if (rows.length === 0) return null;
  const moving = rows.find(({ gaps }) => gaps.trend !== null);
  const title = moving
    ? `${nameOf(moving.edge)} ${storyWords({ kind: 'stones trend', trend: moving.gaps.trend!, days: moving.gaps.days })}`
    : say.noEdgeAsksSooner;
  const entries = sum(rows, ({ gaps }) => gaps.days.length + 1);
  return (
    <Answer title={title} behind={say.whenceGapsAreKnown(entries)}>
      <AnswerTable
        heads={[
          [say.edge, false],
          [say.between, false],
          [say.daysEachGap, false],
          [say.usually, true],
          [say.workBetween, true],
          [say.trend, false],
        ]}
      >
        {rows.map(({ edge, gaps }) => (
          <tr key={`${nameOf(edge)} ${gaps.between}`}>
            <td className="font-semibold">{nameOf(edge)}</td>
            <td>{spoken(gaps.between)}</td>
            <td>
              <GapBars days={gaps.days} />
            </td>
            <td className="number">{counted.day(gaps.medianDays)}</td>
            <td className="number">
              {gaps.work
                ? `${Math.round(gaps.work.median)} ${spoken(gaps.work.unit)}`
                : say.notSaid}
            </td>
            <td>
              {gaps.trend === null
                ? '–'
                : gaps.trend === 'sooner'
                  ? say.soonerEachTime
                  : say.longerEachTime}
            </td>
          </tr>
        ))}
      </AnswerTable>
    </Answer>
  );
}

/** The latest gaps as bars, oldest at the left. */
function GapBars({ days }: { days: readonly number[] }) {
  return (
    <span className="inline-flex items-center gap-3">
      <Columns values={days} most={MOST_BARS} height={34} />
      <span className="figures">{days.slice(-MOST_BARS).join(', ')}</span>
    </span>
  );
}
