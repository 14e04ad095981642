'use client';

import { spokenText } from './words/closedWords';
import { uiPartsWords as say } from './words/partsWords';
import { Choice } from './Choice';
import { SHARPNESS_TESTS, type SharpnessTest } from '../domain/terms';
import { TASKS, targetApexFor, type TaskId } from '../domain/tasks';
import type { Zone } from '../domain/tool';
import { edgeTarget } from '../core/ladder';
import { TEST_CENTRE_UM } from '../core/sharpness';
import type { Tool } from '../domain/tool';
import { TEST_WORDS } from './words/testWords';

export type Asks = Pick<Zone, 'work' | 'targetApexUm'>;

/** What an edge must do: chosen by its work, or by the test it must pass; µm follow and stay visible. */
export function AsksChoice(props: {
  tool: Pick<Tool, 'schools' | 'kind'>;
  value: Asks;
  onChange: (asks: Asks) => void;
}) {
  const { tool, value, onChange } = props;
  const byTest = value.work.length === 0;
  const { apexRadiusUm, finishSizeUm } = edgeTarget(tool, value, 'bench');
  const chosenTest = byTest
    ? SHARPNESS_TESTS.find((test) => TEST_CENTRE_UM[test] === value.targetApexUm)
    : undefined;
  const tick = (id: TaskId, on: boolean): void => {
    const work = on ? [...value.work, id] : value.work.filter((other) => other !== id);
    onChange({ work, targetApexUm: work.length > 0 ? targetApexFor(work) : value.targetApexUm });
  };
  const pass = (test: SharpnessTest): void =>
    onChange({ work: [], targetApexUm: TEST_CENTRE_UM[test] });
  return (
    <fieldset>
      <legend className="font-semibold">{say.whatItMustDo}</legend>
      <div className="grid grid-cols-2 sm:grid-cols-3" role="group" aria-label={say.byItsWork}>
        {TASKS.map(({ id, name }) => (
          <label key={id} className="flex min-h-12 items-center gap-3">
            <input
              type="checkbox"
              className="checkbox"
              checked={value.work.includes(id)}
              onChange={(event) => tick(id, event.target.checked)}
            />
            {spokenText(name)}
          </label>
        ))}
      </div>
      <p className="mt-2">{say.orTheTestItMust}</p>
      <Choice
        legend={say.byATest}
        isLegendHidden
        options={REACHABLE.map((test) => [test, TEST_WORDS[test]] as const)}
        chosen={chosenTest ?? null}
        onChoose={pass}
      />
      <p className="figures mt-2 text-[0.95rem] text-soft">
        {say.apexMeans(apexRadiusUm, finishSizeUm)}
      </p>
    </fieldset>
  );
}

/** Nobody sharpens an edge to slide on a nail. */
const REACHABLE = SHARPNESS_TESTS.slice(0, 5);
