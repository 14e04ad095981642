'use client';

import { sentence } from '../../../ui/format';
import { kitCardWords as say } from './words';
import { TabTitle } from '../../../ui/TabTitle';
import { titles } from '../../../ui/words/titleWords';
import { useState } from 'react';
import { carrierOf } from '../../../domain/carriers';
import type { Trip } from '../../../domain/trip';
import { goesAlong, nextTrip } from '../../../domain/tripDays';
import { useHand, useNow, useRecords, useSettings, useShelf, useEdgeNeeds } from '../../../live';
import { downloadText } from '../../../ui/download';
import { embeddedFont } from '../../../ui/embeddedFont';
import { CheckField, SelectField } from '../../../ui/forms/fields';
import Link from '../../../ui/Link';
import { tripQuery, useChosenTrip } from '../../../ui/useChosenTrip';
import { Share } from '../../../ui/Share';
import { CardRow } from './CardRow';
import { cardText } from './cardText';
import { Cautions, PackingList, ToolList, Wedges } from './CardFoot';
import { cardSides, type CardSide as Side } from './cardSides';
import { cardSvg } from './cardSvg';

/** The field card of a trip, A5 on both sides: its edges by angle, lift and strokes, and the packing list. */
export function CardScreen() {
  const [chosenId] = useChosenTrip();
  const trips = useRecords('trips');
  const helpers = useRecords('helpers');
  const needs = useEdgeNeeds();
  const shelf = useShelf();
  const hand = useHand();
  const now = useNow();
  const settings = useSettings();
  const [person, setPerson] = useState('');
  const [isTwoUp, setTwoUp] = useState(false);
  if (!trips || !helpers || !needs || !shelf || !hand || !settings) return null;
  const trip = trips.find(({ id }) => id === chosenId) ?? nextTrip(trips, now);
  if (!trip) {
    return <NoCard />;
  }
  const edges = needs.filter(
    ({ tool }) =>
      goesAlong(trip, tool.id) &&
      (person === '' || ['', person].includes(carrierOf(trip, tool.id))),
  );
  const sides = cardSides({
    trip,
    edges,
    shelf,
    helpers,
    person,
    hand,
    now,
    coinThicknessMm: settings.coinThicknessMm,
  });
  return (
    <div className="mx-auto w-full max-w-[78rem] px-4 py-3 sm:px-8 print:max-w-none print:p-0">
      <CardHead
        trip={trip}
        sides={sides}
        person={person}
        onPerson={setPerson}
        isTwoUp={isTwoUp}
        onTwoUp={setTwoUp}
      />
      <div
        className={`mt-4 flex flex-wrap gap-6 print:mt-0 print:block print:gap-0 ${isTwoUp ? 'card-two-up' : ''}`}
      >
        {sides.map((side, i) => (
          <CardSide key={i} side={side} name={sentence(say.side(i + 1))} />
        ))}
      </div>
    </div>
  );
}

/** Whose card it is, how it is printed, and its sides as files. */
function CardHead(props: {
  trip: Trip;
  sides: readonly Side[];
  person: string;
  onPerson: (person: string) => void;
  isTwoUp: boolean;
  onTwoUp: (isTwoUp: boolean) => void;
}) {
  const { trip, sides, person, onPerson, isTwoUp, onTwoUp } = props;
  return (
    <div className="flex flex-wrap items-end gap-x-6 gap-y-2 print:hidden">
      <TabTitle>{titles.card(trip.name)}</TabTitle>
      <h1>{say.fieldCard(trip.name)}</h1>
      {trip.people.length > 0 && (
        <div className="w-48">
          <SelectField
            label={say.whoseCard}
            value={person}
            options={[['', say.everybody], ...trip.people.map((each) => [each, each] as const)]}
            onChange={(event) => onPerson(event.target.value)}
          />
        </div>
      )}
      <CheckField
        label={say.twoSidesOnASheet}
        checked={isTwoUp}
        onChange={(event) => onTwoUp(event.target.checked)}
      />
      <button type="button" className="btn btn-primary ml-auto" onClick={() => window.print()}>
        {say.printTheCard}
      </button>
      <Share title={titles.card(trip.name)} blocks={() => cardText(sides)} />
      <SideFiles sides={sides} />
      <Link href={`/kit${tripQuery(trip.id)}`} className="link inline-flex min-h-12 items-center">
        {say.backToTheKit}
      </Link>
    </div>
  );
}

/** Each side as a file of its own, with its font within. */
function SideFiles({ sides }: { sides: readonly Side[] }) {
  return sides.map((side, i) => (
    <button
      key={i}
      type="button"
      className="link min-h-12"
      onClick={() =>
        void embeddedFont().then((font) =>
          downloadText(`open-trail-card-${i + 1}.svg`, cardSvg(side, font), 'image/svg+xml'),
        )
      }
    >
      {say.sideAsSvg(i + 1)}
    </button>
  ));
}

function NoCard() {
  return (
    <section className="mx-auto w-full max-w-3xl px-4 py-6 sm:px-8">
      <h1>{say.fieldCardHeading}</h1>
      <p className="mt-2">
        {say.itBelongsToATrip}{' '}
        <Link href="/trip" className="link">
          {say.planOne}
        </Link>
      </p>
    </section>
  );
}

function CardSide({ side, name }: { side: Side; name: string }) {
  return (
    <section aria-label={name} className="card-side">
      <header className="flex items-baseline justify-between border-b-[5px] border-current">
        <h2 className="text-[26px]">{side.title}</h2>
        <span>{side.note}</span>
      </header>
      {side.rows.map((row) => (
        <CardRow key={row.key} row={row} isShort={side.isShort} />
      ))}
      {side.tools.length > 0 && <ToolList groups={side.tools} />}
      {side.cautions.length > 0 && <PackingList mats={side.mats} />}
      {side.cautions.length > 0 && <Wedges wedges={side.wedges} />}
      {side.cautions.length > 0 && <Cautions lines={side.cautions} />}
    </section>
  );
}
