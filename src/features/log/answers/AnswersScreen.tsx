'use client';

import { logAnswersWords as say } from '../../../ui/words/screens/logAnswers';
import { TRIP_TASKS } from '../../../domain/tripTasks';
import { useLogAnswers, useRecords } from '../../../live';
import Link from '../../../ui/Link';
import { edgeNames } from '../../../ui/words/edgeNames';
import { AngleSuits } from './AngleSuits';
import { EarnsItsGrams } from './EarnsItsGrams';
import { BalanceAnswer, HoldAnswer } from './HandAnswers';
import { HowItLasts } from './HowItLasts';
import { HowLong } from './HowLong';
import { HowMuchWork } from './HowMuchWork';
import { SteelTaken } from './SteelTaken';
import { TesterAnswer } from './TesterAnswer';

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
      {!says && <p className="mt-3 max-w-[60ch] text-lg">{say.tooLittleIsInIt}</p>}
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
