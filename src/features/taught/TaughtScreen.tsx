'use client';

import { taughtWords as say } from '../../ui/words/screens/taught';
import Link from '../../ui/Link';
import { useEdgeNeeds, useHand, useSettings, useTaught } from '../../live';
import type { TaughtThing } from '../../core';
import { um } from '../../ui/format';
import { Alphabet } from '../../ui/Alphabet';
import { Working } from '../../ui/Working';
import { HoldTaught } from './HoldTaught';
import { PaceTaught } from './PaceTaught';
import { TeachesMost } from './TeachesMost';
import { fromWords, hundredPlanned, STEPS_DRAWN, taughtTitle } from './taughtThings';
import { taughtWorking } from './taughtWorking';
import { useForget } from './useForget';
import { Wedge } from './Wedge';

/** What the log has taught: for every thing on the shelf how many strokes a hundred planned become. */
export function TaughtScreen() {
  const taught = useTaught();
  const settings = useSettings();
  const hand = useHand();
  const needs = useEdgeNeeds();
  const forget = useForget();
  if (!taught || !settings || !hand || !needs) return null;
  const { things, finished } = taught;
  const most = Math.max(0, ...things.map(({ course }) => course.length - 1));
  return (
    <>
      <div className="mx-auto w-full max-w-[82rem] px-4 py-4 sm:px-8">
        <div className="flex flex-wrap items-start gap-x-6 gap-y-2 sm:flex-nowrap">
          <div className="min-w-0 sm:flex-1">
            <h1 className="!text-[1.7rem]">{taughtTitle(things)}</h1>
            <p className="text-soft">
              {say.whatYourLogHasTaught(finished)}{' '}
              <Link href="/log" className="link">
                {say.backToTheLog}
              </Link>{' '}
              <Link href="/lab" className="link">
                {say.whatAHandDoes}
              </Link>
            </p>
          </div>
          <button
            type="button"
            className="btn btn-outline"
            onClick={() => void forget('all', say.allOfIt)}
          >
            {say.forgetAllOfIt}
          </button>
        </div>
        <div className="mt-3 grid gap-x-12 gap-y-8 lg:grid-cols-[2fr_1fr]">
          <section aria-label={say.strokesByThing} className="min-w-0">
            <ul>
              {things.map((thing) => (
                <Row key={thing.itemId} thing={thing} most={most} onForget={forget} />
              ))}
            </ul>
            <p className="mt-2 text-[0.92rem] text-soft">{say.theWedgeIsWhereTwo(STEPS_DRAWN)}</p>
            <Working lines={taughtWorking()} />
          </section>
          <div>
            <PaceTaught hand={hand} settings={settings} onForget={forget} />
            <HoldTaught hand={hand} onForget={forget} />
          </div>
        </div>
      </div>
      <TeachesMost needs={needs} things={things} />
    </>
  );
}

function Row(props: {
  thing: TaughtThing;
  most: number;
  onForget: (what: string, name: string) => Promise<void>;
}) {
  const { thing, most, onForget } = props;
  const { abrasive, now, drift, steps } = thing;
  const { become, low, high } = hundredPlanned(now);
  const few = thing.course.length - 1 < 3;
  return (
    <li className="grid grid-cols-[1fr_auto] items-center gap-x-4 border-b border-rule py-1 md:grid-cols-[10rem_1fr_5.5rem_6.5rem_4rem]">
      <p className="flex items-center gap-2 leading-tight">
        <Alphabet abrasive={abrasive} />
        <span className="min-w-0">
          <b>{abrasive.name}</b>
          <span className="figures block text-[0.92rem] text-soft">{um(abrasive.sizeUm)}</span>
        </span>
      </p>
      <div className="order-last col-span-2 min-w-0 md:order-none md:col-span-1">
        <Wedge thing={thing} most={most} />
      </div>
      <p className="figures">
        <span className="sr-only">{say.n100PlannedBecome} </span>
        <span className={`sign text-2xl ${few ? '!font-normal' : ''}`}>{become}</span>
        <span className="block text-[0.95rem]">
          ({low}–{high})
        </span>
      </p>
      <p className="text-[0.95rem]">
        {fromWords(thing)}
        {drift && <b className="block">{say.last(drift.steps, Math.round(100 * drift.factor))}</b>}
      </p>
      {steps.length > 0 ? (
        <button
          type="button"
          className="link min-h-12"
          aria-label={say.forget2(abrasive.name)}
          onClick={() => void onForget(abrasive.id, abrasive.name)}
        >
          {say.forget}
        </button>
      ) : (
        <span />
      )}
    </li>
  );
}
