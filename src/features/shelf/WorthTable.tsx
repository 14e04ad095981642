'use client';

import { counted } from '../../ui/words/counted';
import { shelfWords as say } from './words';
import { SideScroll } from '../../ui/SideScroll';
import { useState, useMemo } from 'react';
import { useJob, startThingsWorth } from '../../live';
import type { ZoneState } from '../../core/inspection';
import { type ThingWorth, rackRound, type RackRound } from '../../core/kit';
import type { Hand, Shelf } from '../../core/ladder';
import { Choice } from '../../ui/Choice';
import { minutes } from '../../ui/format';
import { failureWords } from '../../ui/words/failureWords';
import { TEST_WORDS } from '../../ui/words/testWords';
import { WorkProgress } from '../../ui/WorkProgress';
import { Candidate } from './Candidate';
const ROUNDS = [
  ['tired', say.everyEdgeALittleTired],
  ['worn', say.everyEdgeWornADay],
  ['chipped', say.chipInEachEdge],
] as const;
type Round = (typeof ROUNDS)[number][0];
/** How many times as round as it should be each edge is, and how deep its chip. */
const STATE: Record<Round, { wornRatio: number; chipDepthMm: number }> = {
  tired: { wornRatio: 1.5, chipDepthMm: 0 },
  worn: { wornRatio: 3, chipDepthMm: 0 },
  chipped: { wornRatio: 3, chipDepthMm: 0.25 },
};

/** What each thing adds to the edges on the rack, and what one that is not bought yet would. */
export function WorthTable(props: { states: readonly ZoneState[]; shelf: Shelf; hand: Hand }) {
  const { states, shelf, hand } = props;
  const [round, setRound] = useState<Round>('worn');
  const problem = useRackRound({ states, shelf, hand, ...STATE[round] });
  const [state, cancel, again] = useJob(problem, startThingsWorth);
  const names = new Map(problem.items.map(({ id, name }) => [id, name]));
  return (
    <section className="mt-10 border-t-2 border-rule pt-6" aria-label={say.whatEachThingAdds}>
      <h2>{say.whatEachThingAdds}</h2>
      <p className="max-w-[64ch] text-soft">{say.oneTouchUpOfEvery}</p>
      <div className="mt-3">
        <Choice
          legend={say.counted}
          isLegendHidden
          options={ROUNDS}
          chosen={round}
          onChoose={setRound}
        />
      </div>
      <div className="mt-4 grid items-start gap-x-12 gap-y-8 lg:grid-cols-[1.5fr_1fr]">
        <div className="min-h-64 min-w-0">
          {state.phase === 'working' && (
            <div aria-busy="true">
              <WorkProgress share={state.share} label={say.whatEachThingAdds} onCancel={cancel} />
            </div>
          )}
          {(state.phase === 'cancelled' || state.phase === 'failed') && (
            <p role="status">
              {state.phase === 'cancelled' ? say.stopped : failureWords(state.error)}{' '}
              <button type="button" className="link" onClick={again}>
                {say.countAgain}
              </button>
            </p>
          )}
          {state.phase === 'done' && <Adds worth={state.answer} names={names} />}
        </div>
        <Candidate problem={problem} />
      </div>
    </section>
  );
}

function Adds({ worth, names }: { worth: readonly ThingWorth[]; names: Map<string, string> }) {
  const inUse = worth
    .filter(({ usedFor }) => usedFor.length > 0)
    .sort((a, b) => b.onlyFor.length - a.onlyFor.length || b.savesMinutes - a.savesMinutes);
  const idle = worth.filter(({ usedFor }) => usedFor.length === 0);
  return (
    <>
      <SideScroll label={say.whatThingsAreWorth}>
        <table className="table-plain">
          <thead>
            <tr>
              <th>{say.thing}</th>
              <th className="number">{say.saves}</th>
              <th className="number">{say.serves}</th>
              <th>{say.withoutIt}</th>
            </tr>
          </thead>
          <tbody>
            {inUse.map(({ id, savesMinutes, usedFor, onlyFor, keenerOn }) => (
              <tr key={id}>
                <td className="font-semibold">{names.get(id)}</td>
                <td className="number">{savesWords(savesMinutes)}</td>
                <td className="number">{counted.edge(usedFor.length)}</td>
                <td>{missesWords(onlyFor, keenerOn)}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </SideScroll>
      {idle.length > 0 && (
        <p className="mt-3 max-w-[64ch] text-soft">
          {say.inNoneOfThesePlans(idle.map(({ id }) => names.get(id)).join(', '))}
        </p>
      )}
    </>
  );
}

/** Minutes that a thing saves, or that it asks for. */
function savesWords(savesMinutes: number): string {
  if (Math.abs(savesMinutes) < 0.05) return '–';
  return savesMinutes > 0 ? minutes(savesMinutes) : say.takes(-savesMinutes);
}

/** What edges would miss without a thing: their finish, or a finer test. */
function missesWords(
  onlyFor: readonly string[],
  keenerOn: readonly ThingWorth['keenerOn'][number][],
): string {
  const less = keenerOn.filter(({ edge }) => !onlyFor.includes(edge));
  return [
    onlyFor.length > 0 && say.wouldMissTheTarget(onlyFor),
    less.length === 1 && say.wouldEndLessKeen(less[0]!.edge, TEST_WORDS[less[0]!.otherwise]),
    less.length > 1 && say.edgesWouldEndLessKeen(less.length),
  ]
    .filter(Boolean)
    .join('; ');
}

/** Every edge of the rack brought to its target once, worn or chipped: what things are worth for. */
function useRackRound(input: {
  states: readonly ZoneState[];
  shelf: Shelf;
  hand: Hand;
  chipDepthMm: number;
  wornRatio: number;
}): RackRound {
  const { states, shelf, hand, chipDepthMm, wornRatio } = input;
  return useMemo(
    () =>
      rackRound({
        zones: states.filter(({ stops }) => stops.length === 0),
        shelf,
        chipDepthMm,
        hand,
        wornRatio,
      }),
    [states, shelf, hand, chipDepthMm, wornRatio],
  );
}
