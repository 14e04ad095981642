'use client';

import { useState } from 'react';
import { passes, type EdgeTest } from '../../domain/session';
import { EDGE_PLACES, SHAVING_WAYS, type SharpnessTest } from '../../domain/terms';
import { Choice } from '../../ui/Choice';
import { TEST_WORDS, TestChoice } from '../../ui/ObservationFields';

type Place = EdgeTest['place'];

/** Tests along the edge: each place has the finest test it passes; shaving both ways or one. */
export function TestsByPlace(props: {
  tests: readonly EdgeTest[];
  onChange: (tests: EdgeTest[]) => void;
}) {
  const { tests, onChange } = props;
  const [place, setPlace] = useState<Place>('whole');
  const here = tests.find((test) => test.place === place);
  const put = (test: EdgeTest): void =>
    onChange([...tests.filter((other) => other.place !== place), test]);
  return (
    <section className="mt-6 grid gap-3">
      <Choice
        legend="Test where"
        options={EDGE_PLACES.map((name) => {
          const known = tests.find((test) => test.place === name)?.test;
          const label = name === 'whole' ? 'whole edge' : name;
          return [name, known ? `${label}: ${TEST_WORDS[known]}` : label] as const;
        })}
        chosen={place}
        onChoose={setPlace}
      />
      <TestChoice
        legend="The finest test it passes there"
        chosen={here?.test ?? null}
        onChoose={(test: SharpnessTest) => put(passes(test, place))}
      />
      {here?.test === 'shaves' && (
        <Choice
          legend="It shaves"
          options={SHAVING_WAYS.map((way) => [way, way] as const)}
          chosen={here.shaves}
          onChoose={(shaves) => put({ ...here, shaves })}
        />
      )}
    </section>
  );
}
