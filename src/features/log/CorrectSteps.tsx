'use client';

import { logWords as say } from './words';
import { abrasivesAtHand, type LadderAbrasive } from '../../core/ladder';
import { stepWith } from '../../core/touchUp';
import type { SessionStep } from '../../domain/session';
import { useShelf } from '../../live';
import { TypedNumberField, SelectField } from '../../ui/forms/fields';

/** The steps of an entry, to be put right: what was in the hand, its angle, strokes and minutes. */
export function CorrectSteps(props: {
  steps: readonly SessionStep[];
  onChange: (steps: SessionStep[]) => void;
}) {
  const { steps, onChange } = props;
  const shelf = useShelf();
  const things = shelf ? abrasivesAtHand(shelf) : [];
  return steps.map((step, i) => (
    <StepFields
      key={i}
      step={step}
      things={things}
      onChange={(own) => onChange(steps.map((each, at) => (at === i ? own : each)))}
    />
  ));
}

function StepFields(props: {
  step: SessionStep;
  things: readonly LadderAbrasive[];
  onChange: (step: SessionStep) => void;
}) {
  const { step, things, onChange } = props;
  const isKnown = things.some(({ id }) => id === step.itemId);
  const options = things.map(({ id, name }) => [id, name] as const);
  return (
    <fieldset className="grid gap-4 sm:grid-cols-5">
      <legend className="font-semibold">{step.abrasiveName}</legend>
      <SelectField
        label={say.inTheHand}
        value={step.itemId}
        options={isKnown ? options : [[step.itemId, step.abrasiveName], ...options]}
        onChange={({ target }) => {
          const thing = things.find(({ id }) => id === target.value);
          if (thing) onChange(stepWith(step, thing));
        }}
      />
      <TypedNumberField
        label={say.anglePerSide}
        value={step.angleDeg}
        onNumber={(angleDeg) => onChange({ ...step, angleDeg })}
      />
      <TypedNumberField
        label={say.left}
        value={step.left}
        onNumber={(left) => onChange({ ...step, left: Math.round(left) })}
      />
      <TypedNumberField
        label={say.right}
        value={step.right}
        onNumber={(right) => onChange({ ...step, right: Math.round(right) })}
      />
      <TypedNumberField
        label={say.minutes}
        value={Math.round(step.activeSeconds / 6) / 10}
        onNumber={(minutes) => onChange({ ...step, activeSeconds: Math.round(60 * minutes) })}
      />
    </fieldset>
  );
}
