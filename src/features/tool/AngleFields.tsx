'use client';

import { toolWords as say } from './words/toolWords';
import { useState } from 'react';
import { useFormContext, useWatch } from 'react-hook-form';
import { angleFromSpineLift, bevelAngleFromFaceWidth, bevelAngleFromHeight } from '../../core/edge';
import type { AngleMethod } from '../../domain/terms';
import type { Tool, Zone } from '../../domain/tool';
import { SelectField } from '../../ui/forms/fields';
import { MeasureField } from '../../ui/forms/MeasureField';
import { AngleField } from '../../ui/forms/AngleField';
import { sentence } from '../../ui/format';

const METHODS: readonly (readonly [AngleMethod, string])[] = [
  ['typical', say.usualForItsKind],
  ['face-width', say.bevelFace],
  ['bevel-height', say.bevelHeight],
  ['spine-lift', say.spineLift],
  ['tilt', say.phoneTilt],
  ['stated', say.stated],
];

const MEASURED: Partial<Record<AngleMethod, { label: string; hint: string }>> = {
  'face-width': { label: say.bevelFace, hint: say.alongTheGroundFaceShoulder },
  'bevel-height': { label: say.bevelHeight, hint: say.straightUpTheBlade },
  'spine-lift': {
    label: say.gapUnderTheSpine,
    hint: say.inkGoneToApex,
  },
};

/** The bevel angle, stated or found from a measure with a ruler. */
export function AngleFields({ index }: { index: number }) {
  const { register, setValue, control, formState, trigger } = useFormContext<Tool>();
  const path = `zones.${index}` as const;
  const tool = useWatch({ control }) as Tool;
  const zone = tool.zones[index]!;
  const [problem, setProblem] = useState<string>();
  const measured = MEASURED[zone.angleMethod];
  const [measuredMm, setMeasuredMm] = useState<number | null>(null);

  const measure = (valueMm: number): void => {
    setMeasuredMm(valueMm);
    setValue(`${path}.angleErrorDeg`, null);
    try {
      const angleDeg = angleFrom(zone.angleMethod, valueMm, tool, zone);
      setProblem(undefined);
      setValue(`${path}.bevelAngleDeg`, Math.round(angleDeg * 100) / 100, {
        shouldDirty: true,
        shouldValidate: true,
      });
    } catch (error) {
      setProblem(inWords((error as RangeError).message));
    }
  };
  return (
    <div className="grid gap-4 sm:grid-cols-3">
      <SelectField
        label={say.angleKnownBy}
        options={METHODS}
        {...register(`${path}.angleMethod`, { onChange: () => setProblem(undefined) })}
      />
      {measured && (
        <MeasureField
          key={zone.angleMethod}
          label={measured.label}
          hint={measured.hint}
          quantity="length"
          value={measuredMm}
          error={problem}
          onValue={measure}
        />
      )}
      <AngleField
        label={zone.grind === 'convex' ? say.apexAngle : say.bevelAngle}
        readOnly={measured !== undefined}
        valueDeg={zone.bevelAngleDeg}
        min={5}
        max={60}
        error={formState.errors.zones?.[index]?.bevelAngleDeg?.message}
        onValue={(angleDeg) => {
          setValue(`${path}.angleErrorDeg`, null);
          setValue(`${path}.bevelAngleDeg`, angleDeg, { shouldDirty: true, shouldValidate: true });
          void trigger([`${path}.microBevel.angleDeg`, `${path}.primaryAngleDeg`]);
        }}
      />
    </div>
  );
}

function angleFrom(method: AngleMethod, valueMm: number, tool: Tool, zone: Zone): number {
  const thicknessMm = zone.shoulderThicknessMm;
  switch (method) {
    case 'face-width':
      return bevelAngleFromFaceWidth({ thicknessMm, faceWidthMm: valueMm });
    case 'bevel-height':
      return bevelAngleFromHeight({ thicknessMm, heightMm: valueMm });
    default:
      return angleFromSpineLift({ ...tool, liftMm: valueMm });
  }
}

/** A core refusal in the words of the form. */
function inWords(message: string): string {
  return sentence(
    message
      .replace('faceWidthMm', say.theFace)
      .replace('heightMm', say.theHeight)
      .replace('liftMm', say.theGap)
      .replace('thicknessMm', say.theThicknessAtTheShoulder)
      .replace(say.gotNan, say.nothingEnteredYet),
  );
}
