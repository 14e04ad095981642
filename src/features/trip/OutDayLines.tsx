import { spoken } from '../../ui/words/closedWords';
import { tripWords as say } from './words';
import { sum } from 'd3-array';
import {
  NAMED_FROM,
  type DoneLine,
  type OutDay,
  type OutLine,
  type TonightLine,
} from '../../core/trip';
import type { Spot } from '../../domain/terms';
import { TonightLines } from '../../ui/TonightLines';
import Link from '../../ui/Link';
import { minutes } from '../../ui/format';
import { jobLink } from '../../ui/jobAddress';
import { chanceWords, spreadWords } from '../../ui/words/tripWords';
import type { EdgeNamer } from '../../ui/words/edgeNames';
import { DoneListLine, ListLine } from '../../ui/ListLine';
import { RungMark } from '../../ui/RungMark';

const likely = (lines: readonly OutLine[]): OutLine[] =>
  lines.filter(({ chance }) => chance >= NAMED_FROM);

/** One day out there: what is done, what the evening wants, what comes in mid-job, and what it asks of time. */
export function OutDayLines(props: {
  day: OutDay;
  done: readonly DoneLine[];
  nameOf: EdgeNamer;
  dayName: string;
  /** Whether the day lies behind. */
  isPast: boolean;
}) {
  const { day, done, nameOf, dayName, isPast } = props;
  const evening = isPast ? [] : likely(day.evening);
  const midJob = isPast ? [] : likely(day.midJob);
  return (
    <li className="break-inside-avoid border-b border-rule py-2">
      <div className="flex items-baseline justify-between gap-3">
        <b>{dayName}</b>
        <span className="figures">
          {isPast ? minutes(sum(done, (line) => line.minutes)) : spreadWords(day.eveningMinutes)}
        </span>
      </div>
      {evening.length + done.length === 0 && (
        <p className="text-soft">{isPast ? say.nothingInTheLog : say.nothingLikelyInTheEvening}</p>
      )}
      {done.length > 0 && (
        <ul>
          {done.map((line) => (
            <DoneListLine key={line.sessionId} name={nameOf(line)} done={line} />
          ))}
        </ul>
      )}
      {evening.map((line) => (
        <OutWork key={`${line.edgeId} ${line.rung}`} line={line} name={nameOf(line)} />
      ))}
      {midJob.length > 0 && (
        <p className="text-[0.95rem]">
          {say.inMidJobHeading}{' '}
          {midJob.map((line, i) => (
            <span key={`${line.edgeId} ${line.rung}`}>
              {i > 0 && ', '}
              <Link
                href={fieldLink(line)}
                className="link pointer-coarse:inline-flex pointer-coarse:min-h-12 pointer-coarse:items-center"
              >
                {nameOf(line)}
              </Link>{' '}
              ({spoken(line.rung)})
            </span>
          ))}
          , {minutes(day.midJobMinutes.median)}
        </p>
      )}
      {!isPast && <OverTheEvening day={day} nameOf={nameOf} />}
    </li>
  );
}

/** Tonight by itself, first on the days of the trip: each line starts its job. */
export function Tonight(props: {
  day: OutDay;
  /** What tonight asks for, known and likely. */
  lines: readonly TonightLine[];
  done: readonly DoneLine[];
  nameOf: EdgeNamer;
  dayName: string;
  /** Whether the work of the day is over: nothing comes in mid-job any more. */
  isEvening: boolean;
}) {
  const { day, lines, done, nameOf, dayName, isEvening } = props;
  const midJob = isEvening ? [] : likely(day.midJob);
  return (
    <section aria-label={say.tonight} className="mt-3 border-y-2 border-ink bg-base-200 px-3 py-2">
      <div className="flex flex-wrap items-baseline justify-between gap-x-4">
        <h2>{say.tonightOfDay(dayName)}</h2>
        <span className="figures text-lg">{minutes(sum(lines, (line) => line.minutes))}</span>
      </div>
      <ul>
        {done.map((line) => (
          <DoneListLine key={line.sessionId} name={nameOf(line)} done={line} />
        ))}
        {midJob.map((line, i) => (
          <ListLine
            isNext={i === 0}
            key={`${line.edgeId} ${line.rung}`}
            mark={<RungMark rung={line.rung} chance={line.chance} />}
            name={nameOf(line)}
            says={say.rungInMidJob(spoken(line.rung), chanceWords(line.chance))}
            link={fieldLink(line, 'belt')}
            minutes={minutes(line.minutes)}
          />
        ))}
        <TonightLines lines={lines} nameOf={nameOf} spot="camp" isNext={midJob.length === 0} />
      </ul>
      {lines.length + midJob.length === 0 && (
        <p className="py-2">
          {done.length > 0 ? say.nothingMoreIsLikelyTonight : say.nothingIsLikelyTonightWipe}
        </p>
      )}
      <OverTheEvening day={day} nameOf={nameOf} />
    </section>
  );
}

function OverTheEvening({ day, nameOf }: { day: OutDay; nameOf: EdgeNamer }) {
  if (day.overMinutes <= 0) return null;
  const named = day.leave.map((edgeId) => {
    const [toolId, zoneId] = edgeId.split('/') as [string, string];
    return nameOf({ toolId, zoneId });
  });
  return (
    <p className="field-error">
      {say.overTheEvening(day.overMinutes)} {named.length > 0 && say.leaveTheirWork(named)}
    </p>
  );
}

function OutWork({ line, name }: { line: OutLine; name: string }) {
  return (
    <p className="flex items-start gap-2 pointer-coarse:items-center">
      <span className="pt-1 leading-none pointer-coarse:pt-0">
        <RungMark rung={line.rung} chance={line.chance} />
      </span>
      <span>
        <Link
          href={fieldLink(line)}
          className="link pointer-coarse:inline-flex pointer-coarse:min-h-12 pointer-coarse:items-center"
        >
          {name}
        </Link>{' '}
        <span className="text-soft">
          {spoken(line.rung)}, {chanceWords(line.chance)}
        </span>
      </span>
    </p>
  );
}

function fieldLink({ toolId, zoneId }: OutLine, spot: Spot = 'camp'): string {
  return jobLink({ toolId, zoneId, job: 'touch-up', spot });
}
