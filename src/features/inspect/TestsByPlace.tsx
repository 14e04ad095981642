'use client';

import { useState } from 'react';
import { toolForm } from '../../core';
import type { EdgeTest } from '../../domain/session';
import { passedTest } from '../../domain/observation';
import { EDGE_PLACES, SHAVING_WAYS, type SharpnessTest } from '../../domain/terms';
import type { Tool } from '../../domain/tool';
import { Choice } from '../../ui/Choice';
import { TestChoice } from '../../ui/ObservationFields';
import { TEST_WORDS } from '../../ui/words/testWords';

type Place = EdgeTest['place'];

/** Tests along the edge: each place has the finest test it passes; shaving both ways or one. */
export function TestsByPlace(props: {
  tool: Tool;
  tests: readonly EdgeTest[];
  onChange: (tests: EdgeTest[]) => void;
}) {
  const { tool, tests, onChange } = props;
  const isAxe = toolForm(tool.kind) === 'axe';
  const [place, setPlace] = useState<Place>('whole');
  const here = tests.find((test) => test.place === place);
  const put = (test: EdgeTest): void =>
    onChange([...tests.filter((other) => other.place !== place), test]);
  return (
    <section className="mt-6 grid gap-3">
      <Choice
        legend="Test where"
        options={EDGE_PLACES.filter((name) => !isAxe || name !== 'belly').map((name) => {
          const known = tests.find((test) => test.place === name)?.test;
          const label = placeName(name, isAxe);
          return [name, known ? `${label}: ${TEST_WORDS[known]}` : label] as const;
        })}
        chosen={place}
        onChoose={setPlace}
      />
      <TestChoice
        legend="The finest test it passes there"
        chosen={here?.test ?? null}
        onChoose={(test: SharpnessTest) => put(passedTest(test, place))}
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

/** An axe has a toe where a knife has a tip. */
function placeName(place: Place, isAxe: boolean): string {
  if (place === 'whole') return 'whole edge';
  return isAxe && place === 'tip' ? 'toe' : place;
}
