import { spoken } from '../../ui/words/closedWords';
import { rackWords as say } from '../../ui/words/screens/rack';
import { NAMED_FROM, type OutDay } from '../../core';
import { minutes } from '../../ui/format';
import type { EdgeNamer } from '../../ui/words/edgeNames';
import { chanceWords } from '../../ui/words/tripWords';
import { RungMark } from '../../ui/RungMark';

/** What tomorrow will likely bring: in mid-job and in its evening. */
export function TomorrowLines({ day, nameOf }: { day: OutDay; nameOf: EdgeNamer }) {
  const lines = [
    ...day.midJob.map((line) => ({ ...line, when: say.inMidJob })),
    ...day.evening.map((line) => ({ ...line, when: say.inTheEvening })),
  ].filter(({ chance }) => chance >= NAMED_FROM);
  return (
    <section aria-label={say.tomorrow} className="mt-3">
      <h2>{say.tomorrow}</h2>
      {lines.length === 0 && <p className="text-soft">{say.nothingIsLikely}</p>}
      <ul>
        {lines.map((line) => (
          <li
            key={`${line.edgeId} ${line.rung} ${line.when}`}
            className="flex items-center gap-3 py-1"
          >
            <RungMark rung={line.rung} chance={line.chance} />
            <span>
              <b>{nameOf(line)}</b> {spoken(line.rung)} {line.when}, {chanceWords(line.chance)},{' '}
              {minutes(line.minutes)}
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}
