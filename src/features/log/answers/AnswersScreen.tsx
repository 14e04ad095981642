'use client';

import { logAnswersWords as say } from './words';
import { TRIP_TASKS } from '../../../domain/tripTasks';
import { useLogAnswers, useRecords } from '../../../live';
import Link from '../../../ui/Link';
import { edgeNames, type EdgeNamer } from '../../../ui/words/edgeNames';
import { AngleSuits } from './AngleSuits';
import { HowItLasts } from './HowItLasts';
import { HowLong } from './HowLong';
import { HowMuchWork } from './HowMuchWork';
import { TesterAnswer } from './TesterAnswer';
import { spoken } from '../../../ui/words/closedWords';
import type { HoldByInk, SideBalance, EarnedGrams, EdgeAnswers } from '../../../core/answers';
import { INK_WORDS } from '../../../ui/words/inkWords';
import { percent } from '../../../ui/words/logWords';
import { Answer, AnswerTable } from './Answer';
import { counted } from '../../../ui/words/counted';
import { grams, minutes, rounded, mm, yearsAhead } from '../../../ui/format';
import { Bar } from '../../../ui/plot';
import { sum } from 'd3-array';

/** What the log answers, each with how much of it stands behind; silent where there is too little. */
export function AnswersScreen() {
  const answers = useLogAnswers();
  const tools = useRecords('tools');
  const trips = useRecords('trips');
  if (!answers || !tools || !trips) return null;
  const { edges, plans, balance, hold, earned, tester } = answers;
  const nameOf = edgeNames(tools);
  const tasks = [...TRIP_TASKS, ...trips.flatMap(({ ownTasks }) => ownTasks)];
  const says =
    plans ||
    balance ||
    hold ||
    earned.length > 0 ||
    tester.pairs.length > 0 ||
    edges.some(hasAnswer);
  return (
    <div className="mx-auto w-full max-w-[82rem] px-4 py-4 sm:px-8">
      <div className="flex flex-wrap items-baseline gap-x-6">
        <h1>{say.whatTheLogAnswers}</h1>
        <Link href="/log" className="link inline-flex min-h-12 items-center">
          {say.backToTheLog}
        </Link>
      </div>
      {!says && <p className="mt-3 max-w-[60ch] text-lg">{say.tooLittleYet}</p>}
      <HowLong edges={edges} nameOf={nameOf} />
      <HowMuchWork edges={edges} plans={plans} nameOf={nameOf} />
      <HowItLasts edges={edges} tasks={tasks} nameOf={nameOf} />
      <AngleSuits edges={edges} nameOf={nameOf} />
      <EarnsItsGrams earned={earned} />
      <SteelTaken edges={edges} nameOf={nameOf} />
      {balance && <BalanceAnswer balance={balance} />}
      {hold && <HoldAnswer hold={hold} />}
      <TesterAnswer learned={tester} />
    </div>
  );
}

function hasAnswer(edge: {
  gaps: readonly unknown[];
  effort: unknown;
  endurance: readonly unknown[];
  damage: unknown;
  steel: unknown;
}): boolean {
  const { gaps, effort, endurance, damage, steel } = edge;
  return gaps.length > 0 || endurance.length > 0 || Boolean(effort ?? damage ?? steel);
}

/** Whether both sides get the same, then and now. */
function BalanceAnswer({ balance }: { balance: SideBalance }) {
  const { then, now, offThen, offNow, steps } = balance;
  const better = offNow < offThen;
  const lean = Math.abs(now - 0.5) < 0.01 ? null : now > 0.5 ? 'left' : 'right';
  return (
    <Answer
      title={say.strokesOnTheLeft(
        better ? say.yourSidesHaveEvenedOut : say.sidesNoMoreEven,
        percent(then),
        percent(now),
      )}
      behind={say.fromLongSteps(steps)}
    >
      <p className="mt-1">
        {say.oneStepStrays(percent(offNow), percent(offThen))}{' '}
        {lean && say.youStillFavourTheSide(spoken(lean))}
      </p>
    </Answer>
  );
}

/** Whether the angle is held, by what ink told. */
function HoldAnswer({ hold }: { hold: HoldByInk }) {
  const { then, now, fault, looks } = hold;
  return (
    <Answer title={say.inkGoneShare(percent(now), percent(then))} behind={say.fromInkLooks(looks)}>
      {fault && <p className="mt-1">{say.mostOftenInkWas(INK_WORDS[fault])}</p>}
    </Answer>
  );
}

/** Which thing earns its grams: minutes saved for each hundred grams on each past trip. */
function EarnsItsGrams({ earned }: { earned: readonly EarnedGrams[] }) {
  if (earned.length === 0) return null;
  const most = Math.max(...earned.map(({ minutesPer100g }) => minutesPer100g), 0.1);
  const trips = Math.max(...earned.map((each) => each.trips));
  return (
    <Answer title={titleOf(earned)} behind={say.fromThatOverEveryTouch(trips)}>
      <AnswerTable
        heads={[
          [say.thing, false],
          [say.weight, true],
          [say.carriedUsed, true],
          [say.saved, true],
          [say.perHundredGramsAndTrip, false],
          [say.nothingElseCouldDo, true],
        ]}
      >
        {earned.map((each) => (
          <tr key={each.itemId}>
            <td className="font-semibold">{each.name}</td>
            <td className="number">{grams(each.massG)}</td>
            <td className="number">
              {each.trips}, {each.usedOn === 0 ? say.never : each.usedOn}
            </td>
            <td className="number">{each.savedMinutes > 0 ? minutes(each.savedMinutes) : '–'}</td>
            <td>
              <span className="flex items-center gap-2">
                <Bar value={each.minutesPer100g} most={most} width={150} />
                <span className="figures whitespace-nowrap">
                  {each.minutesPer100g > 0 ? `${rounded(each.minutesPer100g, 1)} min` : '–'}
                </span>
              </span>
            </td>
            <td className="number">{each.onlyFor > 0 ? counted.touchUp(each.onlyFor) : '–'}</td>
          </tr>
        ))}
      </AnswerTable>
    </Answer>
  );
}

function titleOf(earned: readonly EarnedGrams[]): string {
  const best = earned[0]!;
  const idle = earned.filter(
    ({ usedOn, savedMinutes, onlyFor }) => usedOn === 0 && savedMinutes === 0 && onlyFor === 0,
  );
  const first =
    best.onlyFor > 0
      ? say.nothingElseCouldDoWhat(best.name)
      : best.minutesPer100g > 0
        ? say.earnsItsGramsBest(best.name)
        : say.nothingThatWasCarriedSaved;
  const title = first.charAt(0).toUpperCase() + first.slice(1);
  if (idle.length === 0) return `${title}.`;
  return say.wasNeverUsed(
    title,
    idle.map(({ name }) => name),
  );
}

/** Steel that each touch-up takes, in a year, and what is left. */
function SteelTaken({ edges, nameOf }: { edges: readonly EdgeAnswers[]; nameOf: EdgeNamer }) {
  const rows = edges.flatMap(({ steel, ...edge }) => (steel ? [{ edge, steel }] : []));
  if (rows.length === 0) return null;
  const most = rows.reduce((a, b) => (perYearMm(b.steel) > perYearMm(a.steel) ? b : a));
  const touchUps = sum(rows, ({ steel }) => steel.pace.touchUps);
  return (
    <Answer
      title={say.losesMostSteel(
        nameOf(most.edge),
        1000 * perYearMm(most.steel),
        yearsWords(most.steel.years),
      )}
      behind={say.whenceSteelIsKnown(touchUps)}
    >
      <AnswerTable
        heads={[
          [say.edge, false],
          [say.eachTouchUp, true],
          [say.withoutChips, true],
          [say.aYear, true],
          [say.left, true],
          [say.thatIs, false],
        ]}
      >
        {rows.map(({ edge, steel }) => (
          <tr key={nameOf(edge)}>
            <td className="font-semibold">{nameOf(edge)}</td>
            <td className="number">{rounded(1000 * steel.pace.recessionMm, 0)} µm</td>
            <td className="number">{rounded(1000 * steel.pace.everydayMm, 0)} µm</td>
            <td className="number">{rounded(1000 * perYearMm(steel), 0)} µm</td>
            <td className="number">{mm(steel.leftMm)}</td>
            <td>
              {counted.touchUp(steel.touchUps)}, {yearsAhead(steel.years)}
            </td>
          </tr>
        ))}
      </AnswerTable>
    </Answer>
  );
}

function perYearMm({ pace }: NonNullable<EdgeAnswers['steel']>): number {
  return pace.recessionMm * pace.touchUpsPerYear;
}

function yearsWords(years: number): string {
  return years > 20 ? say.longerThanTwentyYears : say.about(counted.year(Math.round(years)));
}
