'use client';

import { useWatch, type UseFormReturn } from 'react-hook-form';
import { soakMl } from '../../core';
import { isGreasy, isOilStone } from '../../domain/lubricantsOf';
import type { Abrasive } from '../../domain/shelf';
import { LUBRICANT_KINDS } from '../../domain/terms';
import { NO_USE, useSurfaceUse } from '../../live';
import { CheckField, NumberField } from '../../ui/forms/fields';
import { Folded } from '../../ui/forms/Folded';
import { FormMeasure } from '../../ui/forms/FormMeasure';
import { fineMm, ml } from '../../ui/format';
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
      title="Wear, water, what it goes with"
      holds={[
        dishMm > 0 ? `hollow by ${fineMm(dishMm)}` : 'flat',
        freshLeft !== null && `${freshLeft} fresh left`,
        greased ? 'an oil stone' : lubricants.join(' or '),
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
          label="Thickness"
          hint="not needed for anything but its density, its water and its drawing"
          quantity="length"
          control={control}
          name="thicknessMm"
          optional
        />
        <FormMeasure label="Worn hollow by" quantity="length" control={control} name="dishMm" />
        <NumberField
          label="Water it soaks up"
          unit="ml"
          hint={`each use; left empty ${ml(soakMl({ ...item, soakMl: null }))}, as is usual for its kind`}
          error={errors.soakMl?.message}
          {...register('soakMl', optionalNumber)}
        />
        <NumberField
          label="Fresh ones left"
          hint="sheets or faces, where it is used up; empty where it is not"
          error={errors.freshLeft?.message}
          {...register('freshLeft', optionalNumber)}
        />
      </div>
      <HollowDrawing sagMm={dishMm} lengthMm={lengthMm} kind="hollow stone" />
      <FreshField
        control={control}
        name="freshAt"
        done="cleaned or flattened"
        uses={faces.map((face) => uses.get(`${id}/${face.id}`))}
        onFresh={() => faces.forEach((_, i) => setValue(`faces.${i}.state`, 'normal'))}
      />
      {freshLeft !== null && freshLeft > 0 && (
        <div>
          <button type="button" className="btn btn-outline" onClick={takeFresh}>
            Used up: take a fresh one
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
      <legend>Goes with; never mix on one stone</legend>
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
              <span className={isLocked ? 'line-through' : ''}>{kind}</span>
            </label>
          );
        })}
      </div>
      {errors.lubricants && (
        <p role="alert" className="field-error">
          Tick at least one: dry counts.
        </p>
      )}
      <CheckField label="Oil or fat was on it" {...register('usedWithOil')} />
      {isGreased && (
        <p id="oil-stone">It stays an oil stone: water and dry are not planned with it any more.</p>
      )}
    </fieldset>
  );
}
