'use client';

import { tripWords as say } from './words';
import { sum } from 'd3-array';
import { careOrders, type CareRow } from '../../core/care';
import { edgeName } from '../../domain/edgeName';
import { useCareActs } from '../../live';
import Link from '../../ui/Link';
import { listed, minutes } from '../../ui/format';
import { stopWords } from '../../ui/words/stopWords';
import { careGroupReason, careGroupTitle } from '../../ui/words/careWords';
import { DoneListLine, HomeLines, ListHeading } from '../../ui/ListLine';
import type { ListProps } from './listProps';

/** What to do at home: edges, coarse first so that stones are shared, then stones and steel. */
export function BeforeList(props: ListProps) {
  const { plan, care, refused, done, phase, nameOf } = props;
  const home = sum(plan.home, (line) => line.minutes) + sum(care, (line) => line.minutes);
  const thirsty = refused.filter(({ why }) => why === 'water');
  const lying = refused.filter(({ why }) => why === 'flat');
  return (
    <section aria-label={say.beforeYouGo}>
      <ListHeading title={say.beforeYouGo} sum={home > 0 ? `about ${minutes(home)}` : 'nothing'} />
      <ul>
        <HomeLines home={plan.home} isNext={phase === 'ahead'} />
        {done.before.map((line) => (
          <DoneListLine key={line.sessionId} name={nameOf(line)} done={line} />
        ))}
        <CareLines care={care} />
      </ul>
      {plan.outOfReach.length > 0 && (
        <p className="mt-1">
          {say.nothingThatYouOwnWorks}{' '}
          <b>{listed(plan.outOfReach.map(({ tool, zone }) => edgeName(tool, zone)))}</b>.{' '}
          <Link href="/shelf" className="link">
            {say.whatWould}
          </Link>
        </p>
      )}
      {plan.unusable.length > 0 && (
        <p className="mt-1">
          {plan.unusable.map(({ tool, stops }) => (
            <span key={tool.id}>
              <b>{tool.name}</b>{' '}
              {stops.length > 0 ? say.stopUse(stopWords(stops)) : say.goesToASmith}.{' '}
            </span>
          ))}
        </p>
      )}
      {thirsty.length > 0 && (
        <p className="field-error mt-1">
          {say.tooThirsty(thirsty.map(({ name, waterMl }) => say.aUse(name, waterMl)).join('; '))}
        </p>
      )}
      {lying.length > 0 && (
        <p className="field-error mt-1">
          {say.nothingFlatToLayOn(lying.map(({ name }) => name).join('; '))}
        </p>
      )}
    </section>
  );
}

/** Care as orders: what is done for several things stands once. */
export function CareLines({ care }: { care: readonly CareRow[] }) {
  const acts = useCareActs();
  return careOrders(care).map((rows) => (
    <li
      key={`${rows[0].thingId} ${rows[0].doing}`}
      className="flex min-h-12 items-center gap-3 border-b border-rule py-1"
    >
      <span className="min-w-0 flex-1">
        <b>{careGroupTitle(rows)}</b>, {minutes(sum(rows, (row) => row.minutes))}.{' '}
        {careGroupReason(rows)}
      </span>
      <button
        type="button"
        className="btn btn-outline min-w-24"
        aria-label={say.done(
          careGroupTitle(rows),
          sum(rows, (row) => row.minutes),
        )}
        onClick={() => void acts.done(rows, '')}
      >
        {say.doneMark}
      </button>
    </li>
  ));
}
