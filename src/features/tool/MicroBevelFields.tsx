'use client';

import { toolWords as say } from './words/toolWords';
import { useFormContext, useWatch } from 'react-hook-form';
import { microBevelCost, USUAL_MICRO_BEVEL, type MicroBevelCost } from '../../core/schools';
import type { Tool, Zone } from '../../domain/tool';
import { AngleField } from '../../ui/forms/AngleField';
import { CheckField } from '../../ui/forms/fields';
import { FormMeasure } from '../../ui/forms/FormMeasure';

/** Zero grind or micro-bevel, with what the micro-bevel costs on this very edge. */
export function MicroBevelFields({ index, drawn }: { index: number; drawn: Tool }) {
  const { control, setValue, formState } = useFormContext<Tool>();
  const path = `zones.${index}` as const;
  const zone = useWatch({ control, name: path }) as Zone;
  const errors = formState.errors.zones?.[index]?.microBevel;
  const { steeperDeg, faceWidthMm } = USUAL_MICRO_BEVEL;
  const usual = { angleDeg: Math.min(60, zone.bevelAngleDeg + steeperDeg), faceWidthMm };
  return (
    <div>
      <div className="grid gap-4 sm:grid-cols-3">
        <CheckField
          label={say.microBevel}
          checked={zone.microBevel !== null}
          onChange={(event) =>
            setValue(`${path}.microBevel`, event.target.checked ? usual : null, {
              shouldDirty: true,
              shouldValidate: true,
            })
          }
        />
        {zone.microBevel && (
          <>
            <AngleField
              label={say.itsAngle}
              valueDeg={zone.microBevel.angleDeg}
              min={5}
              max={60}
              error={errors?.angleDeg?.message}
              onValue={(angleDeg) =>
                setValue(`${path}.microBevel.angleDeg`, angleDeg, {
                  shouldDirty: true,
                  shouldValidate: true,
                })
              }
            />
            <FormMeasure
              label={say.itsFace}
              quantity="length"
              control={control}
              name={`${path}.microBevel.faceWidthMm`}
            />
          </>
        )}
      </div>
      <p className="text-[0.95rem] text-soft">
        {costInWords(microBevelCost(drawn, drawn.zones[index]!), zone.microBevel !== null)}
      </p>
    </div>
  );
}

function costInWords(cost: MicroBevelCost, isSet: boolean): string {
  const { thicknessMm } = cost;
  const which = isSet ? say.itCosts : say.oneOfAndWouldCost(cost.angleDeg, cost.faceWidthMm);
  return say.microBevelCosts(
    which,
    cost.recessionMm,
    cost.steelMm3,
    cost.strokesPerSide,
    isSet ? 'is' : say.wouldBe,
    thicknessMm.with,
    0.25,
    thicknessMm.without,
  );
}
