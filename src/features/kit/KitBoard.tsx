'use client';

import { spoken } from '../../ui/words/closedWords';
import { counted } from '../../ui/words/counted';
import { kitWords as say } from './words/kitWords';
import { TabTitle } from '../../ui/TabTitle';
import { titles } from '../../ui/words/titleWords';
import dynamic from 'next/dynamic';
import type { ReactNode } from 'react';
import type { ZoneState } from '../../core/inspection';
import type { Hand, Shelf } from '../../core/ladder';
import type { Helper } from '../../domain/shelf';
import type { Tool } from '../../domain/tool';
import type { Trip } from '../../domain/trip';
import type { TripStep } from '../../live';
import { goesAlong } from '../../domain/tripDays';
import { Folded } from '../../ui/forms/Folded';
import { WorkProgress } from '../../ui/WorkProgress';
import { kitFailureWords } from './words/kitVerdicts';
import { ChosenKit } from './ChosenKit';
import { Packing } from './Packing';
import { useKits } from './useKits';

const KitSettings = dynamic(() => import('./KitSettings'), { ssr: false });

export interface BoardProps {
  trip: Trip;
  /** Which trip it is. */
  choice: ReactNode;
  tools: readonly Tool[];
  trips: readonly Trip[];
  helpers: readonly Helper[];
  states: readonly ZoneState[];
  shelf: Shelf;
  hand: Hand;
  now: string;
  /** Returns the step that takes it back. */
  onChange: (step: TripStep) => TripStep;
}

/** The kits of one trip: what is asked of them, the frontier, and the kit that is chosen on it. */
export function KitBoard(props: BoardProps) {
  const { trip, choice, tools, helpers, states, shelf, onChange } = props;
  const kits = useKits(props);
  const { solution, share, isStopped, error, stop, again } = kits;
  const going = tools.filter(({ id }) => goesAlong(trip, id)).length;
  return (
    <div className="mx-auto w-full max-w-[82rem] px-4 py-3 sm:px-8">
      <div className="flex flex-wrap items-end gap-x-6 gap-y-2">
        <TabTitle>{titles.kit(trip.name)}</TabTitle>
        <h1>{say.kitFor(trip.name)}</h1>
        <div className="hidden sm:block">{choice}</div>
      </div>
      {trip.carried.length > 0 && (
        <Packing trip={trip} shelf={shelf} helpers={helpers} tools={tools} onChange={onChange} />
      )}
      <div className="mt-2">
        <Folded
          title={say.whatIsAskedOfIt}
          isLazy
          holds={[
            `${counted.tool(going)}`,
            trip.work.length > 0 ? say.byWorkOfItsDays : say.eachEdgeOnce,
            say.touchUpsUpTo(trip.minutesPerTouchUp),
            trip.kit.covers.map(spoken).join(', ') || say.edgesAlone,
          ].join(' · ')}
        >
          <div className="sm:hidden">{choice}</div>
          <KitSettings
            trip={trip}
            tools={tools}
            states={states}
            shelf={shelf}
            helpers={helpers}
            onChange={onChange}
          />
        </Folded>
      </div>
      {share !== null && (
        <div aria-busy="true">
          <p role="status" className="mt-3">
            {solution ? say.notProvenYetTheSearch : say.weighingEverySetThatWorks}
          </p>
          <WorkProgress share={share} label={say.kits} onCancel={stop} />
        </div>
      )}
      {(isStopped || error) && (
        <div className="mt-3 flex flex-wrap items-center gap-x-4">
          <p role="status">
            {error
              ? say.kitNotPlanned(kitFailureWords(error))
              : solution
                ? say.stoppedUnproven
                : say.stopped}
          </p>
          <button type="button" className="btn btn-outline" onClick={again}>
            {say.planItAgain}
          </button>
        </div>
      )}
      {solution && going === 0 && <h2 className="mt-4">{say.tickTheToolsThatTravel}</h2>}
      {solution && going > 0 && <ChosenKit {...props} solution={solution} kits={kits} />}
    </div>
  );
}
