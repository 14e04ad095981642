'use client';

import { taughtWords as say } from './words';
import Link from '../../ui/Link';
import { useEdgeNeeds, useHand, useSettings, useTaught, useChangeSettings } from '../../live';
import type { EdgeNeed } from '../../core/inspection';
import type { TaughtThing } from '../../core/log';
import { PRIORS } from '../../core/priors';
import { um } from '../../ui/format';
import { Alphabet } from '../../ui/Alphabet';
import { Working } from '../../ui/Working';
import { HoldTaught } from './HoldTaught';
import { PaceTaught } from './PaceTaught';
import { fromWords, hundredPlanned, STEPS_DRAWN, taughtTitle } from './taughtThings';
import { taughtWorking } from './taughtWorking';
import { notice } from '../../ui/notice';
import { stampNow } from '../../domain/clock';
import { ActionBar } from '../../ui/ActionBar';
import { jobLink } from '../../ui/jobAddress';
import { scaleLinear, scaleLog } from 'd3-scale';
import { Band, Course, Level, Plot, Reading } from '../../ui/plot';

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
                {say.whatHandDoesInLab}
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
            <p className="mt-2 text-[0.92rem] text-soft">{say.whatWedgeShows(STEPS_DRAWN)}</p>
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
        {drift && (
          <b className="block">{say.lastSteps(drift.steps, Math.round(100 * drift.factor))}</b>
        )}
      </p>
      {steps.length > 0 ? (
        <button
          type="button"
          className="link min-h-12"
          aria-label={say.forgetAll(abrasive.name)}
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

/** Forgets what the log has taught of one thing, of `pace` or of `all`, from now backward; with undo. */
function useForget(): (what: string, name: string) => Promise<void> {
  const change = useChangeSettings();
  const settings = useSettings();
  return async (what, name) => {
    if (!settings) return;
    const at = stampNow();
    const forgotten = [...settings.forgotten.filter((entry) => entry.what !== what), { what, at }];
    await change({ forgotten });
    void notice(say.forgottenWhatComesFromNow(name), {
      action: {
        label: say.undo,
        onClick: () => void change({ forgotten: settings.forgotten }),
      },
    });
  };
}

/** The job on the rack whose stone the log knows least: doing it teaches most. */
function TeachesMost(props: { needs: readonly EdgeNeed[]; things: readonly TaughtThing[] }) {
  const { needs, things } = props;
  const byId = new Map(things.map((thing) => [thing.itemId, thing]));
  const offers = needs.flatMap((need) =>
    need.plan?.outcome === 'planned' && need.job === 'touch-up'
      ? need.plan.steps.flatMap((step) => {
          const thing = byId.get(step.abrasive.id);
          return thing ? [{ need, thing }] : [];
        })
      : [],
  );
  const best = offers.sort((a, b) => b.thing.now.sdLn - a.thing.now.sdLn)[0];
  if (!best) return null;
  const { need, thing } = best;
  const { sdLn } = thing.now;
  const after = 1 / Math.sqrt(1 / sdLn ** 2 + 1 / PRIORS.stepSdLn.value ** 2);
  const percent = (sd: number): string => `±${Math.round(100 * (Math.exp(sd) - 1))} %`;
  return (
    <ActionBar label={say.teachesMostNext} className="mt-auto">
      <div className="mx-auto flex max-w-[82rem] flex-wrap items-center gap-x-6 gap-y-2 px-4 py-3 sm:px-8">
        <h2>{say.teachesMostNextThe(thing.abrasive.name)}</h2>
        <p className="figures hidden text-soft sm:block">
          {say.oneMoreSessionNarrows(percent(sdLn), need.tool.name, percent(after))}
        </p>
        <Link
          className="btn btn-primary ml-auto px-7 text-lg"
          href={jobLink({ toolId: need.tool.id, zoneId: need.zone.id, job: need.job })}
        >
          {say.start(need.plan!.minutes)}
        </Link>
      </div>
    </ActionBar>
  );
}

/** Half and twice the plan, and a little beyond. */
const SHOWN = [0.4, 2.5];

/**
 * How a factor narrowed, step by step: the range as a wedge, the factor as its line, each step a dot,
 * those that teach nothing a cross. Dashed is the plan; the lines beyond it are half and twice. Its words stand in
 * the table beside it.
 */
function Wedge({ thing, most }: { thing: TaughtThing; most: number }) {
  const { steps, course } = thing;
  const last = course.at(-1)!;
  const up = ({ factor, sdLn }: typeof last): number => factor * Math.exp(sdLn);
  const down = ({ factor, sdLn }: typeof last): number => factor * Math.exp(-sdLn);
  return (
    <Plot
      height={58}
      margin={{ left: 8, right: 12, top: 6, bottom: 6 }}
      label={null}
      firstWidth={320}
      // Every wedge of the page counts steps on the same scale.
      x={(range) => scaleLinear([0, Math.max(6, most)], range)}
      y={(range) => scaleLog(SHOWN, range).clamp(true)}
    >
      {({ x, y, frame }) => (
        <g aria-hidden>
          {[0.5, 2].map((factor) => (
            <Level key={factor} frame={frame} at={y(factor)} stroke="var(--rule)" dash={say.none} />
          ))}
          <Band
            data={course}
            x={(_, i) => x(i)}
            low={(each) => y(down(each))}
            high={(each) => y(up(each))}
            stroke="var(--steel)"
          />
          <Level frame={frame} at={y(1)} strokeWidth={1} dash="5 4" />
          <Course data={course} x={(_, i) => x(i)} y={({ factor }) => y(factor)} />
          <path
            d={`M${x(course.length - 1)},${y(up(last))}V${y(down(last))}`}
            stroke="var(--ink)"
            strokeWidth={4}
          />
          {steps.map((step, i) => {
            const before = steps.slice(0, i).filter(({ evidence }) => evidence !== null).length;
            const at = { x: x(before + (step.evidence ? 1 : 0.5)), y: y(step.ratio) };
            return step.evidence === null ? (
              <path
                key={`${step.sessionId}${i}`}
                d={`M${at.x - 4},${at.y - 4}l8,8m0,-8l-8,8`}
                stroke="var(--ink)"
                strokeWidth={2}
              />
            ) : (
              <Reading key={`${step.sessionId}${i}`} {...at} r={3.6} />
            );
          })}
        </g>
      )}
    </Plot>
  );
}
