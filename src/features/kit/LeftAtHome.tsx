'use client';

import { kitWords as say } from './words/kitWords';
import { thingPrice, type KitSolution } from '../../core/kit';
import type { Trip } from '../../domain/trip';
import { grams, minutes } from '../../ui/format';
import { needWords } from './words/kitVerdicts';
import { pastUse } from './things';

/** Savings smaller than this (min) are none. */
const NOTHING_MINUTES = 0.1;

/** What stays at home, with what taking each thing would save. */
export function LeftAtHome(props: {
  solution: KitSolution;
  carried: ReadonlySet<number>;
  trips: readonly Trip[];
  chosen: number | null;
  onChoose: (item: number) => void;
}) {
  const { solution, carried, trips, chosen, onChoose } = props;
  const left = solution.items
    .map((item, index) => ({ item, index, price: thingPrice(solution, carried, index) }))
    .filter(({ index }) => !carried.has(index))
    .sort((a, b) => b.price.minutes - a.price.minutes);
  return (
    <section className="mt-6">
      <div className="flex items-baseline justify-between border-b-2 border-ink">
        <h2>{say.leftAtHome}</h2>
        <span className="text-soft">{say.wouldSave}</span>
      </div>
      <ul className="grid gap-x-10 sm:grid-cols-2">
        {left.map(({ item, index, price }) => {
          const used = pastUse(trips, item.id);
          const isOut = solution.keptOut.includes(index);
          return (
            <li key={item.id} className="border-b border-rule">
              <button
                type="button"
                aria-pressed={chosen === index}
                className={`flex min-h-12 w-full cursor-pointer items-baseline gap-3 py-1 text-left ${chosen === index ? 'bg-neutral text-neutral-content' : 'hover:bg-base-200'}`}
                onClick={() => onChoose(index)}
              >
                <span className="min-w-0 flex-1">
                  <span className={isOut ? 'font-semibold' : ''}>
                    {isOut ? say.thingKeptOut(item.name) : item.name}
                  </span>
                  {used && <span className="block text-[0.9rem]">{used}</span>}
                </span>
                <span className="figures">{grams(item.massG)}</span>
                <span className="figures w-32 text-right">
                  {price.unserved.length > 0
                    ? say.serves(needWords(price.unserved[0]!))
                    : price.minutes < NOTHING_MINUTES
                      ? 'nothing'
                      : minutes(price.minutes)}
                </span>
              </button>
            </li>
          );
        })}
      </ul>
    </section>
  );
}
