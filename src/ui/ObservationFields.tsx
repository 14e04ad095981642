'use client';

import type { Finding, Observation } from '../domain/session';
import { Choice } from './Choice';
import { finding, passedTest } from '../domain/observation';
import { CAUSES, SHARPNESS_TESTS, type SharpnessTest } from '../domain/terms';
import { DepthChoice } from './DepthChoice';
import { LimitedMeasureField } from './forms/MeasureField';
import { CAUSE_WORDS } from './words/causeWords';
import { TEST_WORDS } from './words/testWords';

/** Tests of one whole edge and its deepest chip, all by tapping but the two measures. */
export function ObservationFields(props: {
  value: Observation;
  onChange: (value: Observation) => void;
  zone: { startMm: number; endMm: number; noImpacts: boolean };
  legend: string;
}) {
  const { value, onChange, zone, legend } = props;
  const chip = value.findings.find(({ kind }) => kind === 'chip');
  const others = value.findings.filter((seen) => seen !== chip);
  const setChip = (next: Finding | null): void =>
    onChange({ ...value, findings: next ? [...others, next] : others });
  return (
    <div className="grid gap-3">
      <TestChoice
        legend={legend}
        chosen={value.tests.at(-1)?.test ?? null}
        onChoose={(test) => onChange({ ...value, tests: [passedTest(test)] })}
      />
      <label className="flex min-h-12 items-center gap-3">
        <input
          type="checkbox"
          className="checkbox"
          checked={chip !== undefined}
          onChange={(event) =>
            setChip(
              event.target.checked
                ? finding('chip', (zone.startMm + zone.endMm) / 2, 0.1, {
                    cause: zone.noImpacts ? 'misuse' : 'unknown',
                  })
                : null,
            )
          }
        />
        There is a chip
      </label>
      {chip && (
        <DepthChoice
          legend="Deepest, about"
          depthMm={chip.depthMm}
          onChoose={(depthMm) => setChip({ ...chip, depthMm })}
        />
      )}
      {chip && (
        <div className="max-w-48">
          <LimitedMeasureField
            label="From the heel"
            quantity="length"
            min={zone.startMm}
            max={zone.endMm}
            value={chip.atMm}
            onValue={(atMm) => setChip({ ...chip, atMm })}
          />
        </div>
      )}
      {chip && (
        <Choice
          legend="It comes from"
          options={CAUSES.map((cause) => [cause, CAUSE_WORDS[cause]] as const)}
          chosen={chip.cause}
          onChoose={(cause) => setChip({ ...chip, cause })}
        />
      )}
    </div>
  );
}

/** The finest test that the edge passes, as one tap. */
export function TestChoice(props: {
  legend: string;
  chosen: SharpnessTest | null;
  onChoose: (test: SharpnessTest) => void;
}) {
  const { legend, chosen, onChoose } = props;
  return (
    <div>
      <Choice
        legend={legend}
        options={SHARPNESS_TESTS.map((test) => [test, TEST_WORDS[test]] as const)}
        chosen={chosen}
        onChoose={onChoose}
      />
      <p className="mt-2 text-[0.92rem] text-soft">
        Test on paper or hair, never by pressing a thumb on the edge.
      </p>
    </div>
  );
}
