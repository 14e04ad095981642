import { touchUpLink } from './links';
import { spoken } from './words/closedWords';
import { uiPartsWords as say } from './words/partsWords';
import type { ReactNode } from 'react';
import type { DoneLine, HomeLine } from '../core/trip';
import { edgeName } from '../domain/edgeName';
import Link from './Link';
import { minutes } from './format';
import { Pegs } from './Pegs';
import { workInWords } from './words/needWords';

export function ListHeading({ title, sum }: { title: string; sum: string }) {
  return (
    <div className="flex items-baseline justify-between gap-3 border-b-2 border-ink">
      <h2>{title}</h2>
      <span className="figures text-right">{sum}</span>
    </div>
  );
}

/** Work that is still to do: its name, what it is, and its minutes as the way to start it. */
export function ListLine(props: {
  mark?: ReactNode;
  name: string;
  says: string;
  link: string;
  minutes: string;
  /** Whether it is the one thing to do now. */
  isNext?: boolean;
}) {
  const { isNext = false } = props;
  return (
    <li className="flex min-h-12 items-center gap-3 border-b border-rule py-1">
      {props.mark}
      <span className="min-w-0 flex-1">
        <b>{props.name}</b> {props.says}
      </span>
      <Link
        href={props.link}
        className={`btn min-w-24 ${isNext ? 'btn-primary' : 'btn-outline'}`}
        aria-label={say.plan(props.name, props.minutes)}
      >
        {isNext ? say.start(props.minutes) : props.minutes}
      </Link>
    </li>
  );
}

/** What edges want at home, each with its start; the first is the one thing to do where nothing else is. */
export function HomeLines({
  home,
  isNext = false,
}: {
  home: readonly HomeLine[];
  isNext?: boolean;
}) {
  return home.map(({ need, minutes: own }, i) => (
    <ListLine
      key={`${need.tool.id}/${need.zone.id}`}
      isNext={isNext && i === 0}
      name={edgeName(need.tool, need.zone)}
      says={workInWords(need)}
      link={touchUpLink(need)}
      minutes={minutes(own)}
    />
  ));
}

/** Work that stands in the log: a peg in its hole, and the way to its entry. */
export function DoneListLine({ name, done }: { name: string; done: DoneLine }) {
  return (
    <li className="flex min-h-12 items-center gap-3 border-b border-rule py-1">
      <Pegs done={1} of={1} />
      <span className="min-w-0 flex-1">
        <b>{name}</b> {say.done(spoken(done.rung))}
      </span>
      <Link
        href={`/log/entry?id=${done.sessionId}`}
        className="link inline-flex min-h-12 items-center"
        aria-label={say.doneInItsEntry(name, done.minutes)}
      >
        {minutes(done.minutes)}
      </Link>
    </li>
  );
}
