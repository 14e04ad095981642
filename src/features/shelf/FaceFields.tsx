'use client';

import { spoken } from '../../ui/words/closedWords';
import { shelfWords as say } from './words';
import { useWatch, type UseFormReturn } from 'react-hook-form';
import { gradeSizeUm, stoneDensity } from '../../core/abrasive';
import type { ShelfGrade } from '../../domain/grade';
import type { Abrasive } from '../../domain/shelf';
import { UNKNOWN_SIZES } from '../../domain/usualThings';
import { FACE_STATES, NAMED_GRADES } from '../../domain/terms';
import { NumberField, SelectField, TextField, wordOptions } from '../../ui/forms/fields';
import { sentence } from '../../ui/format';
import { familyName } from '../../ui/words/familyName';
import { optionalNumber } from './optionalNumber';
import { SCALE_OPTIONS } from './scaleNames';
import { ABRASIVE_FAMILIES } from '../../domain/families';

const FAMILY_OPTIONS = ABRASIVE_FAMILIES.map((each) => [each, sentence(familyName(each))] as const);

/** One face of a stone: what cuts, how it is graded, how it is. */
export function FaceFields(props: {
  form: UseFormReturn<Abrasive>;
  index: number;
  twoSided: boolean;
}) {
  const { form, index, twoSided } = props;
  const { register, control, formState, setValue } = form;
  const scale = useWatch({ control, name: `faces.${index}.grade.scale` });
  const errors = formState.errors.faces?.[index];
  const path = `faces.${index}` as const;
  return (
    <fieldset className="grid gap-4 border-t border-rule pt-3 sm:grid-cols-3">
      <legend className="sr-only">{say.sideNumber(index + 1)}</legend>
      {twoSided && (
        <TextField
          label={say.sideHeading}
          error={errors?.name?.message}
          {...register(`${path}.name`)}
        />
      )}
      <SelectField label={say.abrasive} options={FAMILY_OPTIONS} {...register(`${path}.family`)} />
      <SelectField
        label={say.gradedIn}
        options={SCALE_OPTIONS}
        {...register(`${path}.grade.scale`)}
      />
      {scale === 'natural' ? (
        <SelectField
          label={say.which}
          error={errors?.grade?.named?.message}
          options={[['', 'choose'], ...wordOptions(NAMED_GRADES)]}
          {...register(`${path}.grade.named`, {
            setValueAs: (value: string | null) => value || null,
          })}
        />
      ) : scale === 'range' ? (
        <>
          <NumberField
            label={say.finest}
            unit="µm"
            error={errors?.grade?.finestUm?.message}
            {...register(`${path}.grade.finestUm`, optionalNumber)}
          />
          <NumberField
            label={say.coarsest}
            unit="µm"
            error={errors?.grade?.coarsestUm?.message}
            {...register(`${path}.grade.coarsestUm`, optionalNumber)}
          />
        </>
      ) : scale === 'density' ? (
        <Density form={form} index={index} />
      ) : (
        <NumberField
          label={say.numberOnIt}
          hint={scale === 'mesh' ? say.upTo600FinerLabels : undefined}
          error={errors?.grade?.number?.message}
          {...register(`${path}.grade.number`, optionalNumber)}
        />
      )}
      <UnknownSize
        onSize={(grade) =>
          setValue(`${path}.grade`, grade, { shouldDirty: true, shouldValidate: true })
        }
      />
      <SelectField
        label={say.state}
        options={wordOptions(FACE_STATES)}
        hint={say.loadedFullOfSwarfGlazed}
        {...register(`${path}.state`)}
      />
    </fieldset>
  );
}

/** A size by how it feels, for what carries no number. */
function UnknownSize({ onSize }: { onSize: (grade: ShelfGrade) => void }) {
  return (
    <p className="flex flex-wrap items-center gap-2 text-[0.95rem] sm:col-span-3">
      {say.numberUnknownFeels}
      {(['coarse', 'medium', 'fine'] as const).map((size) => (
        <button
          key={size}
          type="button"
          className="btn btn-outline btn-sm min-h-12"
          onClick={() => onSize(UNKNOWN_SIZES[size])}
        >
          {spoken(size)}
        </button>
      ))}
    </p>
  );
}

/** The density of a natural stone: as it is known, or from its weight and its measures. */
function Density({ form, index }: { form: UseFormReturn<Abrasive>; index: number }) {
  const { register, control, formState, setValue } = form;
  const path = `faces.${index}.grade.number` as const;
  const [massG, lengthMm, widthMm, thicknessMm] = useWatch({
    control,
    name: ['massG', 'lengthMm', 'widthMm', 'thicknessMm'],
  });
  const measured =
    massG > 0 && lengthMm > 0 && widthMm > 0 && thicknessMm !== null && thicknessMm > 0
      ? stoneDensity({ massG, lengthMm, widthMm, thicknessMm })
      : null;
  return (
    <div>
      <NumberField
        label={say.density}
        unit={say.gMl}
        hint={say.novaculiteDensities}
        error={formState.errors.faces?.[index]?.grade?.number?.message}
        {...register(path, optionalNumber)}
      />
      {measured !== null && (
        <button
          type="button"
          className="link mt-1 min-h-12 text-left"
          onClick={() => setValue(path, Number(measured.toFixed(2)), { shouldValidate: true })}
        >
          {say.byItsWeightAndMeasures(measured, sizeAt(measured))}
        </button>
      )}
    </div>
  );
}

function sizeAt(density: number): number {
  return gradeSizeUm({
    scale: 'density',
    number: density,
    named: null,
    finestUm: null,
    coarsestUm: null,
  });
}
