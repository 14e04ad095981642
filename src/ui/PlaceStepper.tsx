'use client';

import { StepButton } from './StepButton';
import { placeMm } from './format';
import { placeStepper } from './words/placeStepperWords';

const STEP_MM = 5;

/** A place along an edge by a tap on its rule, corrected by steps: nothing to type. */
export function PlaceStepper(props: {
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
