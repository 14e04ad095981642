'use client';

import { guideWords as say } from './words/guideWords';
import { useFormContext, type FieldErrors } from 'react-hook-form';
import type { Zone } from '../../domain/tool';
import { AngleField } from '../../ui/forms/AngleField';
import { FormMeasure } from '../../ui/forms/FormMeasure';

/** What the zone measures after it was thinned: as planned, until a calliper says otherwise. */
export function MeasuredAfter() {
  const { control, formState, getValues, setValue, trigger, watch } = useFormContext<Zone>();
  const { errors } = formState;
  const isArc = getValues('microBevel') === null;
  return (
    <fieldset>
      <legend className="font-semibold">{say.measuredNowAsPlannedUnless}</legend>
      <div className="mt-1 grid gap-4 sm:grid-cols-3">
        {!isArc && (
          <FormMeasure
            label={say.widthOfTheEdgeBevel}
            quantity="length"
            control={control}
            name={'microBevel.faceWidthMm'}
          />
        )}
        {isArc ? (
          <AngleField
            label={say.angleOfTheCheek}
            valueDeg={watch('primaryAngleDeg')}
            min={0}
            max={45}
            error={errors.primaryAngleDeg?.message}
            onValue={(angleDeg) => setValue('primaryAngleDeg', angleDeg, { shouldValidate: true })}
          />
        ) : (
          <AngleField
            label={say.angleBehindIt}
            valueDeg={watch('bevelAngleDeg')}
            min={5}
            max={60}
            error={errors.bevelAngleDeg?.message ?? fieldsBehind(errors)}
            onValue={(angleDeg) => {
              setValue('bevelAngleDeg', angleDeg, { shouldValidate: true });
              void trigger(['microBevel.angleDeg', 'primaryAngleDeg']);
            }}
          />
        )}
        <FormMeasure
          label={say.thickAtTheShoulder}
          quantity="length"
          control={control}
          name={'shoulderThicknessMm'}
        />
      </div>
    </fieldset>
  );
}

/** The angle behind the edge bevel lies between the faces behind it and the edge's own. */
function fieldsBehind(errors: FieldErrors<Zone>): string | undefined {
  if (errors.primaryAngleDeg) return say.mustExceedFaceAngle;
  return errors.microBevel?.angleDeg ? say.mustStayUnderEdgeAngle : undefined;
}
