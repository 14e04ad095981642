'use client';

import { spoken } from '../../ui/words/closedWords';
import { shelfWords as say } from './words';
import { useWatch, type UseFormReturn } from 'react-hook-form';
import { soakMl } from '../../core/abrasive';
import { isGreasy, isOilStone } from '../../domain/lubricantsOf';
import type { Abrasive } from '../../domain/shelf';
import { LUBRICANT_KINDS } from '../../domain/terms';
import { NO_USE, useSurfaceUse } from '../../live';
import { CheckField, NumberField } from '../../ui/forms/fields';
import { Folded } from '../../ui/forms/Folded';
import { FormMeasure } from '../../ui/forms/FormMeasure';
import { eitherOf } from '../../ui/format';
import { FreshField } from './FreshField';
import { HollowDrawing } from './HollowDrawing';
import { optionalNumber } from './optionalNumber';
import { stampNow } from '../../domain/clock';

/** What is seldom changed of a stone: its thickness, its wear, what is left, what it goes with. */
export function StoneMore({ form }: { form: UseFormReturn<Abrasive> }) {
  const { register, control, formState, setValue } = form;
  const { errors } = formState;
  const uses = useSurfaceUse() ?? NO_USE;
  const item = useWatch({ control }) as Abrasive;
  const { id, lengthMm, dishMm, lubricants, freshLeft, faces } = item;
  const greased = isOilStone(item);
  const takeFresh = (): void => {
    setValue('freshLeft', Math.max(0, (freshLeft ?? 0) - 1));
    setValue('freshAt', stampNow());
    faces.forEach((_, i) => setValue(`faces.${i}.state`, 'fresh'));
  };
  return (
    <Folded
      title={say.moreOfStone}
      holds={[
        dishMm > 0 ? say.hollowBy(dishMm) : 'flat',
        freshLeft !== null && say.freshLeft(freshLeft),
        greased ? say.anOilStone : eitherOf(lubricants.map((kind) => spoken(kind))),
      ]
        .filter(Boolean)
        .join(' · ')}
      hasError={Boolean(
        errors.thicknessMm ??
        errors.dishMm ??
        errors.soakMl ??
        errors.freshLeft ??
        errors.lubricants,
      )}
    >
      <div className="grid gap-4 sm:grid-cols-2">
        <FormMeasure
          label={say.thickness}
          hint={say.whatDensityIsFor}
          quantity="length"
          control={control}
          name="thicknessMm"
          optional
        />
        <FormMeasure label={say.wornHollowBy} quantity="length" control={control} name="dishMm" />
        <NumberField
          label={say.waterItSoaksUp}
          unit={say.ml}
          hint={say.waterEachUse(soakMl({ ...item, soakMl: null }))}
          error={errors.soakMl?.message}
          {...register('soakMl', optionalNumber)}
        />
        <NumberField
          label={say.freshOnesLeft}
          hint={say.sheetsOrFaces}
          error={errors.freshLeft?.message}
          {...register('freshLeft', optionalNumber)}
        />
      </div>
      <HollowDrawing sagMm={dishMm} lengthMm={lengthMm} kind="hollow stone" />
      <FreshField
        control={control}
        name="freshAt"
        done={say.cleanedOrFlattened}
        uses={faces.map((face) => uses.get(`${id}/${face.id}`))}
        onFresh={() => faces.forEach((_, i) => setValue(`faces.${i}.state`, 'normal'))}
      />
      {freshLeft !== null && freshLeft > 0 && (
        <div>
          <button type="button" className="btn btn-outline" onClick={takeFresh}>
            {say.usedUpTakeAFresh}
          </button>
        </div>
      )}
      <GoesWith form={form} isGreased={greased} />
    </Folded>
  );
}

/** What a stone is used with; what had oil or fat on it stays an oil stone. */
function GoesWith({ form, isGreased }: { form: UseFormReturn<Abrasive>; isGreased: boolean }) {
  const { register, formState } = form;
  const { errors } = formState;
  return (
    <fieldset>
      <legend>{say.goesWithNeverMix}</legend>
      <div className="flex flex-wrap gap-x-6">
        {LUBRICANT_KINDS.map((kind) => {
          const isLocked = isGreased && !isGreasy(kind);
          return (
            <label key={kind} className="flex min-h-12 items-center gap-2">
              <input
                type="checkbox"
                className="checkbox"
                value={kind}
                {...register('lubricants')}
                aria-describedby={isLocked ? 'oil-stone' : undefined}
              />
              <span className={isLocked ? 'line-through' : ''}>{spoken(kind)}</span>
            </label>
          );
        })}
      </div>
      {errors.lubricants && (
        <p role="alert" className="field-error">
          {say.tickAtLeastOneDry}
        </p>
      )}
      <CheckField label={say.hadOilOrFat} {...register('usedWithOil')} />
      {isGreased && <p id="oil-stone">{say.itStaysAnOilStone}</p>}
    </fieldset>
  );
}
