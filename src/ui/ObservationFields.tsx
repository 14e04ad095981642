'use client';

import { uiPartsWords as say } from './words/partsWords';
import { Term } from './Term';
import type { Finding, Observation } from '../domain/session';
import { Choice } from './Choice';
import { finding, passedTest, readGrams } from '../domain/observation';
import {
  CAUSES,
  PAPER_TESTS,
  SHARPNESS_TESTS,
  type EdgeTestKind,
  type SharpnessTest,
} from '../domain/terms';
import { grams as gramsWords, placeMm } from './format';
import { DepthChoice } from './DepthChoice';
import { GramsField } from './GramsField';
import { CAUSE_WORDS } from './words/causeWords';
import { HOW_TESTED, TEST_WORDS } from './words/testWords';
import { StepButton } from './StepButton';
import { placeStepper } from './words/placeStepperWords';

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
      <GramsField
        expectedG={null}
        onGrams={(grams) => onChange({ ...value, tests: [...value.tests, readGrams(grams)] })}
      />
      {gramsRead(value).length > 0 && <p>{say.readingsOf(gramsRead(value).join(', '))}</p>}
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
        {say.thereIsAChip}
      </label>
      {chip && (
        <DepthChoice
          legend={say.deepestAbout}
          depthMm={chip.depthMm}
          onChoose={(depthMm) => setChip({ ...chip, depthMm })}
        />
      )}
      {chip && (
        <PlaceStepper
          label={say.whereItIsFromThe}
          startMm={zone.startMm}
          endMm={zone.endMm}
          atMm={chip.atMm}
          onPlace={(atMm) => setChip({ ...chip, atMm })}
        />
      )}
      {chip && (
        <Choice
          legend={say.itComesFrom}
          options={CAUSES.map((cause) => [cause, CAUSE_WORDS[cause]] as const)}
          chosen={chip.cause}
          onChoose={(cause) => setChip({ ...chip, cause })}
        />
      )}
    </div>
  );
}

/** Readings of a force tester among the tests, as they were read. */
function gramsRead({ tests }: Observation): string[] {
  return tests.flatMap(({ grams }) => (grams === null ? [] : [gramsWords(grams)]));
}

type PaperTest = (typeof PAPER_TESTS)[number];

function isPaperTest(test: EdgeTestKind | null): test is PaperTest {
  return (PAPER_TESTS as readonly (string | null)[]).includes(test);
}

/** The finest test that the edge passes, as one tap. */
export function TestChoice(props: {
  legend: string;
  chosen: EdgeTestKind | null;
  onChoose: (test: EdgeTestKind) => void;
}) {
  const { legend, chosen, onChoose } = props;
  return (
    <div>
      <Choice
        legend={legend}
        options={SHARPNESS_TESTS.map((test) => [test, TEST_WORDS[test]] as const)}
        chosen={chosen as SharpnessTest | null}
        onChoose={onChoose}
      />
      <details className="mt-1" open={isPaperTest(chosen)}>
        <summary className="inline-flex min-h-12 cursor-pointer items-center underline underline-offset-4">
          {say.orOnOtherPaper}
        </summary>
        <Choice
          legend={say.onOtherPaper}
          isLegendHidden
          options={PAPER_TESTS.map((test) => [test, TEST_WORDS[test]] as const)}
          chosen={isPaperTest(chosen) ? chosen : null}
          onChoose={onChoose}
        />
      </details>
      <p className="mt-2 text-[0.95rem]">
        <Term id="tests">{HOW_TESTED}</Term>
      </p>
      <p className="mt-1 text-[0.92rem] text-soft">{say.testOnPaperOrHair}</p>
    </div>
  );
}

const STEP_MM = 5;

/** A place along an edge by a tap on its rule, corrected by steps: nothing to type. */
function PlaceStepper(props: {
  label: string;
  startMm: number;
  endMm: number;
  atMm: number;
  onPlace: (atMm: number) => void;
}) {
  const { label, startMm, endMm, atMm, onPlace } = props;
  const to = (mm: number): void => onPlace(Math.round(Math.min(endMm, Math.max(startMm, mm))));
  return (
    <div role="group" aria-label={label} className="max-w-xl">
      <p className="figures flex justify-between">
        <span>{placeStepper.heel}</span>
        <b>{placeMm(atMm)}</b>
        <span>{placeStepper.tip}</span>
      </p>
      <div className="flex items-center gap-2">
        <StepButton
          by={-1}
          label={placeStepper.nearer(placeMm(STEP_MM))}
          onStep={() => to(atMm - STEP_MM)}
        />
        <input
          type="range"
          aria-label={label}
          aria-valuetext={placeMm(atMm)}
          className="range range-neutral h-12 min-w-0 flex-1"
          min={startMm}
          max={endMm}
          step={1}
          value={atMm}
          onChange={(event) => to(event.target.valueAsNumber)}
        />
        <StepButton
          by={1}
          label={placeStepper.farther(placeMm(STEP_MM))}
          onStep={() => to(atMm + STEP_MM)}
        />
      </div>
    </div>
  );
}
