import type { MaintenancePlan, OutDay, OutLine, Spread, ThirstyStone } from '../../core';
import { edgeName } from '../../domain/edgeName';
import type { Tool } from '../../domain/tool';
import Link from '../../ui/Link';
import { listed, minutes, ml } from '../../ui/format';
import { jobLink } from '../../ui/jobAddress';
import { stopWords } from '../../ui/words/stopWords';
import { touchUpLink, workInWords } from '../../ui/words/needWords';
import { chanceWords } from '../../ui/words/tripWords';
import { RungMark } from './RungMark';

/** What to do before leaving, out there, and on return; each line starts its job. */
export function TripLists(props: {
  plan: MaintenancePlan;
  refused: readonly ThirstyStone[];
  tools: readonly Tool[];
  dayName: (day: number) => string;
}) {
  const { plan, refused, tools, dayName } = props;
  const nameOf = (toolId: string, zoneId: string): string => {
    const tool = tools.find(({ id }) => id === toolId);
    const zone = tool?.zones.find(({ id }) => id === zoneId);
    return tool && zone ? edgeName(tool, zone) : 'an edge that is gone';
  };
  const home = plan.home.reduce((sum, line) => sum + line.minutes, 0);
  const back = plan.back.reduce((sum, line) => sum + line.minutes, 0);
  const rusting = plan.rust.filter(({ risk }) => risk === 'high');
  return (
    <div className="grid content-start gap-6">
      <section>
        <Heading title="Before you go" sum={home > 0 ? `about ${minutes(home)}` : 'nothing'} />
        <ul>
          {plan.home.map(({ need, minutes: own }) => (
            <Line
              key={`${need.tool.id}/${need.zone.id}`}
              name={edgeName(need.tool, need.zone)}
              says={workInWords(need)}
              link={touchUpLink(need)}
              minutes={minutes(own)}
            />
          ))}
        </ul>
        {plan.unusable.length > 0 && (
          <p className="mt-1">
            {plan.unusable.map(({ tool, stops }) => (
              <span key={tool.id}>
                <b>{tool.name}</b>{' '}
                {stops.length > 0 ? `stop use, ${stopWords(stops)}` : 'goes to a smith'}.{' '}
              </span>
            ))}
          </p>
        )}
        {refused.length > 0 && (
          <p className="field-error mt-1">
            Too thirsty for the water of a day:{' '}
            {refused.map(({ name, waterMl }) => `${name}, ${ml(waterMl)} a use`).join('; ')}.
          </p>
        )}
      </section>
      <section>
        <Heading title="Out there" sum={sumWords(plan.out)} />
        <ul>
          {plan.out.map((day) => (
            <DayLine key={day.day} day={day} nameOf={nameOf} dayName={dayName} />
          ))}
        </ul>
      </section>
      <section>
        <Heading title="When you are back" sum={back > 0 ? `about ${minutes(back)}` : 'little'} />
        <ul>
          {rusting.length > 0 && (
            <li className="border-b border-rule py-2">
              <b>
                {listed(
                  rusting.map(({ toolId }) => tools.find(({ id }) => id === toolId)?.name ?? ''),
                )}
              </b>{' '}
              wipe from spine toward edge, dry, a thin film of oil, wax or fat; out of wet leather.
            </li>
          )}
          {plan.back.map(({ toolId, zoneId, edgeId, rung, minutes: own }) => (
            <Line
              key={edgeId}
              name={nameOf(toolId, zoneId)}
              says={rung}
              link={jobLink({ toolId, zoneId, job: 'touch-up' })}
              minutes={minutes(own)}
            />
          ))}
        </ul>
      </section>
    </div>
  );
}

function Heading({ title, sum }: { title: string; sum: string }) {
  return (
    <div className="flex items-baseline justify-between border-b-2 border-ink">
      <h2>{title}</h2>
      <span className="figures">{sum}</span>
    </div>
  );
}

function Line(props: { name: string; says: string; link: string; minutes: string }) {
  return (
    <li className="flex min-h-12 items-center gap-3 border-b border-rule py-1">
      <span className="min-w-0 flex-1">
        <b>{props.name}</b> {props.says}
      </span>
      <Link
        href={props.link}
        className="btn btn-outline"
        aria-label={`Plan ${props.name}, ${props.minutes}`}
      >
        {props.minutes}
      </Link>
    </li>
  );
}

function DayLine(props: {
  day: OutDay;
  nameOf: (toolId: string, zoneId: string) => string;
  dayName: (day: number) => string;
}) {
  const { day, nameOf, dayName } = props;
  const named = (lines: readonly OutLine[]) => lines.filter(({ chance }) => chance >= 0.3);
  const evening = named(day.evening);
  const midJob = named(day.midJob);
  return (
    <li className="border-b border-rule py-2">
      <div className="flex items-baseline justify-between gap-3">
        <b>{dayName(day.day)}</b>
        <span className="figures">{spreadWords(day.eveningMinutes)}</span>
      </div>
      {evening.length === 0 && <p className="text-soft">nothing likely in the evening</p>}
      {evening.map((line) => (
        <OutWork key={`${line.edgeId} ${line.rung}`} line={line} nameOf={nameOf} />
      ))}
      {midJob.length > 0 && (
        <p className="text-[0.95rem]">
          In mid-job:{' '}
          {midJob.map((line) => `${nameOf(line.toolId, line.zoneId)} (${line.rung})`).join(', ')},{' '}
          {minutes(day.midJobMinutes.median)}
        </p>
      )}
      {day.overMinutes > 0 && (
        <p className="field-error">
          {minutes(day.overMinutes)} over the evening.
          {day.leave.length > 0 &&
            ` Leave ${listed(day.leave.map((id) => nameOf(...(id.split('/') as [string, string]))))}: no work for it on the next day.`}
        </p>
      )}
    </li>
  );
}

function OutWork(props: { line: OutLine; nameOf: (toolId: string, zoneId: string) => string }) {
  const { line, nameOf } = props;
  const { toolId, zoneId, rung, chance } = line;
  return (
    <p className="flex items-center gap-2">
      <RungMark rung={rung} chance={chance} />
      <Link
        href={jobLink({ toolId, zoneId, job: 'touch-up' })}
        className="link pointer-coarse:inline-flex pointer-coarse:min-h-12 pointer-coarse:items-center"
      >
        {nameOf(toolId, zoneId)}
      </Link>
      <span className="text-soft">
        {rung}, {chanceWords(chance)}
      </span>
    </p>
  );
}

function sumWords(days: readonly OutDay[]): string {
  const sum = (of: (day: OutDay) => number): number =>
    days.reduce((total, day) => total + of(day), 0);
  return `about ${minutes(sum((day) => day.eveningMinutes.median + day.midJobMinutes.median))}`;
}

function spreadWords({ low, median, high }: Spread): string {
  return high < 1 ? 'under 1 min' : `${minutes(median)} (${Math.round(low)}–${Math.round(high)})`;
}
