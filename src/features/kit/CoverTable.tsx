'use client';

import { kitWords as say } from './words/kitWords';
import { SideScroll } from '../../ui/SideScroll';
import {
  thingPrice,
  wayWith,
  type Carrying,
  type KitSolution,
  type SolvedNeed,
} from '../../core/kit';
import { minutes, rounded } from '../../ui/format';
import { needWords, timesWords } from './words/kitVerdicts';

/** Things that are not in the kit and stand beside it in the table, at most. */
const MOST_OTHERS = 4;

/** Edges down, things across: the minutes with each thing, and what the kit takes. */
export function CoverTable({ solution, kit }: { solution: KitSolution; kit: Carrying }) {
  const { carried } = kit;
  const { items } = solution;
  const edges = solution.needs.filter(({ kind }) => !('cover' in kind));
  const own = [...carried].filter((i) => serves(edges, i));
  const others = items
    .map((_, i) => i)
    .filter((i) => !carried.has(i) && serves(edges, i))
    .map((i) => ({ i, saves: thingPrice(solution, carried, i).minutes }))
    .sort((a, b) => b.saves - a.saves)
    .slice(0, MOST_OTHERS)
    .map(({ i }) => i);
  const hasAnyway = edges.some((need) => anyway(need));
  const sorted = [...edges].sort((a, b) => a.name.localeCompare(b.name));
  return (
    <section className="mt-6">
      <h2>{say.whatCoversWhat}</h2>
      <p className="text-[0.95rem] text-soft">{say.whatCoverTableSays}</p>
      <SideScroll label={say.coverTable} className="mt-2 hidden sm:block">
        <table className="table-plain figures">
          <thead>
            <tr>
              <th>{say.edge}</th>
              <th>{say.comes}</th>
              {hasAnyway && <th className="number">{say.carriedAnyway}</th>}
              {[...own, ...others].map((i) => (
                <th key={i} className={`number ${behindLine(i, others)}`}>
                  {items[i]!.name}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {sorted.map((need) => (
              <tr key={need.id}>
                <th scope="row" className="!border-b !border-rule align-baseline">
                  {needWords(need)}
                </th>
                <td>{timesWords(need.count)}</td>
                {hasAnyway && (
                  <td className="number">
                    <Minutes way={anyway(need)} isTaken={wayWith(need, kit)?.items.length === 0} />
                  </td>
                )}
                {[...own, ...others].map((i) => (
                  <td key={i} className={`number ${behindLine(i, others)}`}>
                    <Cell need={need} item={i} kit={kit} />
                  </td>
                ))}
              </tr>
            ))}
            <WithoutIt
              solution={solution}
              carried={carried}
              own={own}
              others={others}
              hasAnyway={hasAnyway}
            />
          </tbody>
        </table>
      </SideScroll>
      <ul className="mt-2 sm:hidden">
        {sorted.map((need) => (
          <NeedLine key={need.id} need={need} kit={kit} />
        ))}
      </ul>
    </section>
  );
}

/** What each thing of the kit is worth: the minutes, or the needs, that would be lost without it. */
function WithoutIt(props: {
  solution: KitSolution;
  carried: ReadonlySet<number>;
  own: readonly number[];
  others: readonly number[];
  hasAnyway: boolean;
}) {
  const { solution, carried, own, others, hasAnyway } = props;
  return (
    <tr className="border-t-2 border-ink">
      <th scope="row" className="!border-b !border-rule align-baseline">
        {say.withoutItMore}
      </th>
      <td />
      {hasAnyway && <td />}
      {own.map((i) => {
        const { minutes: more, unserved } = thingPrice(solution, carried, i);
        return (
          <td key={i} className="number font-semibold">
            {unserved.length > 0 ? say.soManyUnserved(unserved.length) : `+${minutes(more)}`}
          </td>
        );
      })}
      {others.map((i) => (
        <td key={i} className={`number ${behindLine(i, others)}`} />
      ))}
    </tr>
  );
}

function NeedLine({ need, kit }: { need: SolvedNeed; kit: Carrying }) {
  const way = wayWith(need, kit);
  return (
    <li className="flex items-baseline gap-3 border-b border-rule py-2">
      <span className="min-w-0 flex-1">
        <b>{needWords(need)}</b> {timesWords(need.count)}
      </span>
      <span className="sign text-lg">{way ? minutes(way.minutes) : 'unserved'}</span>
    </li>
  );
}

/** A thing that hangs elsewhere does nothing in mid-job: it counts with what the belt has. */
function Cell(props: { need: SolvedNeed; item: number; kit: Carrying }) {
  const { need, item, kit } = props;
  const taken = wayWith(need, kit);
  const withIt = { carried: new Set([...kit.carried, item]), hung: new Set([...kit.hung, item]) };
  const way = wayWith(
    { ...need, labels: need.labels.filter(({ items }) => items.includes(item)) },
    withIt,
  );
  return <Minutes way={way} isTaken={taken?.items.includes(item) ?? false} />;
}

/** The quickest way with nothing but what is carried anyway. */
function anyway({ labels }: SolvedNeed): SolvedNeed['labels'][number] | undefined {
  return labels.find(({ items }) => items.length === 0);
}

function Minutes({
  way,
  isTaken,
}: {
  way: { minutes: number } | null | undefined;
  isTaken: boolean;
}) {
  if (!way) return <span className="text-soft">–</span>;
  const value = way.minutes < 1 ? rounded(way.minutes, 1) : String(Math.round(way.minutes));
  return isTaken ? <b className="border-b-2 border-ink text-lg">{value}</b> : <span>{value}</span>;
}

function serves(needs: readonly SolvedNeed[], item: number): boolean {
  return needs.some(({ labels }) => labels.some(({ items }) => items.includes(item)));
}

function behindLine(item: number, others: readonly number[]): string {
  return item === others[0] ? 'border-l-2 border-dashed border-ink' : '';
}
