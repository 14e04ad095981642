'use client';

import { spoken } from '../../ui/words/closedWords';
import { inspectWords as say } from './words/inspectWords';
import { useState } from 'react';
import { toolForm } from '../../core/ladder';
import { gramsFromApex } from '../../core/sharpness';
import type { EdgeTest } from '../../domain/session';
import { passedTest, readGrams } from '../../domain/observation';
import { SHAVING_WAYS } from '../../domain/terms';
import type { Tool } from '../../domain/tool';
import { Choice } from '../../ui/Choice';
import { grams } from '../../ui/format';
import { GramsField } from '../../ui/GramsField';
import { TestChoice } from '../../ui/ObservationFields';
import { PlaceChoice } from '../../ui/PlaceChoice';

/**
 * Tests along the edge: each place has the finest test it passes, shaving both ways or one, and beside
 * that whatever a force tester read there.
 */
export function TestsByPlace(props: {
  tool: Tool;
  tests: readonly EdgeTest[];
  /** Radius that the log gives the edge, for the simulated tester; null where it is not known. */
  apexUm: number | null;
  onChange: (tests: EdgeTest[]) => void;
}) {
  const { tool, tests, apexUm, onChange } = props;
  const isAxe = toolForm(tool.kind) === 'axe';
  const [place, setPlace] = useState<EdgeTest['place']>('whole');
  const isHere = (test: EdgeTest): boolean => test.place === place;
  const here = tests.find((test) => isHere(test) && test.test !== null);
  const readings = tests.filter((test) => isHere(test) && test.grams !== null);
  const put = (test: EdgeTest): void =>
    onChange([...tests.filter((other) => !isHere(other) || other.test === null), test]);
  const takeBack = (): void => onChange(tests.filter((test) => test !== readings.at(-1)));
  return (
    <section className="mt-6 grid gap-3">
      <PlaceChoice tests={tests} isAxe={isAxe} chosen={place} onChoose={setPlace} />
      <TestChoice
        legend={say.theFinestTestItPasses}
        chosen={here?.test ?? null}
        onChoose={(test) => put(passedTest(test, place))}
      />
      {here?.test === 'shaves' && (
        <Choice
          legend={say.itShaves}
          options={SHAVING_WAYS.map((way) => [way, spoken(way)] as const)}
          chosen={here.shaves}
          onChoose={(shaves) => put({ ...here, shaves })}
        />
      )}
      <GramsField
        expectedG={apexUm === null ? null : gramsFromApex({ apexRadiusUm: apexUm })}
        onGrams={(reading) => onChange([...tests, readGrams(reading, place)])}
      />
      {readings.length > 0 && (
        <p>
          {say.readHere(readings.map((test) => grams(test.grams!)).join(', '))}{' '}
          {readings.length < 3 && `${say.singleReadingsScatter} `}
          <button type="button" className="link" onClick={takeBack}>
            {say.takeTheLastOneBack}
          </button>
        </p>
      )}
    </section>
  );
}
