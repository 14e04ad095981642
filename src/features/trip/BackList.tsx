import { tripWords as say } from '../../ui/words/screens/trip';
import { sum } from 'd3-array';
import type { Trip } from '../../domain/trip';
import { mayCheckIn } from '../../domain/tripDays';
import { useNow } from '../../live';
import { listed, minutes } from '../../ui/format';
import { jobLink } from '../../ui/jobAddress';
import Link from '../../ui/Link';
import { tripQuery } from '../../ui/useChosenTrip';
import { DoneListLine, HomeLines, ListHeading, ListLine } from '../../ui/ListLine';
import { CareLines } from './BeforeList';
import type { ListProps } from './listProps';

/** What to do on return: look everything through, dry it, and what each edge wants then. */
export function BackList(props: ListProps) {
  const { trip, plan, careAfter, done, phase, tools, nameOf } = props;
  const isOver = phase === 'over';
  const now = useNow();
  const ahead = isOver ? plan.home : plan.back;
  const total = sum<{ minutes: number }>(ahead, (line) => line.minutes);
  const nameOfTool = (toolId: string): string => tools.find(({ id }) => id === toolId)?.name ?? '';
  const rusting = plan.rust.filter(({ risk }) => risk === 'high').map(({ toolId }) => toolId);
  const some = plan.rust.filter(({ risk }) => risk === 'some').map(({ toolId }) => toolId);
  return (
    <section aria-label={say.whenYouAreBack}>
      <ListHeading
        title={say.whenYouAreBack}
        sum={total > 0 ? `about ${minutes(total)}` : 'little'}
      />
      <ul>
        <li className="border-b border-rule py-2">
          {trip.checkedInAt ? (
            say.lookedThroughOnReturn
          ) : !mayCheckIn(trip, now) ? (
            say.lookTheToolsThroughFrom
          ) : (
            <Link
              href={`/trip/back${tripQuery(trip.id)}`}
              className={isOver ? 'btn btn-primary' : 'link inline-flex min-h-12 items-center'}
            >
              {say.lookTheToolsThrough}
            </Link>
          )}
        </li>
        <CareLines care={careAfter} />
        {!isOver && rusting.length > 0 && (
          <li className="border-b border-rule py-2">
            <b>{listed(rusting.map(nameOfTool))}</b> {say.willRustThereWipeFrom}
            {some.length > 0 && say.aLittle(listed(some.map(nameOfTool)))}
          </li>
        )}
        {isOver ? (
          <HomeLines home={plan.home} />
        ) : (
          plan.back.map((line) => (
            <ListLine
              key={line.edgeId}
              name={nameOf(line)}
              says={line.rung}
              link={jobLink({ toolId: line.toolId, zoneId: line.zoneId, job: 'touch-up' })}
              minutes={minutes(line.minutes)}
            />
          ))
        )}
        {done.back.map((line) => (
          <DoneListLine key={line.sessionId} name={nameOf(line)} done={line} />
        ))}
      </ul>
      {trip.carried.some(({ used }) => used !== null) && <Used trip={trip} />}
    </section>
  );
}

/** What of the things that went along was used. */
function Used({ trip: { carried } }: { trip: Trip }) {
  const used = carried.filter((thing) => thing.used).length;
  return <p className="mt-2 text-soft">{say.ofThingsThatWentAlong(used, carried.length)}</p>;
}
