'use client';

import { nanoid } from 'nanoid';
import { useFieldArray, useWatch, type UseFormReturn } from 'react-hook-form';
import type { ObjectSchema } from 'yup';
import { abrasiveSchema, type Abrasive, type Face } from '../../domain/shelf';
import {
  ABRASIVE_FAMILIES,
  ABRASIVE_FORMS,
  FACE_STATES,
  LUBRICANT_KINDS,
  NAMED_GRADES,
} from '../../domain/terms';
import { NumberField, SelectField, TextField, wordOptions } from '../../ui/forms/fields';
import { fineMm, mm } from '../../ui/format';
import { Folded } from '../../ui/forms/Folded';
import { FormMeasure } from '../../ui/forms/FormMeasure';
import { useRecordForm } from './otherForms';
import { SCALE_OPTIONS } from './scaleNames';
import { ShelfForm, type ShelfFormProps } from './shelfForm';

const newFace = (name: string): Face => ({
  id: nanoid(6),
  name,
  family: 'diamond',
  grade: { scale: 'micron', number: 25, named: null, finestUm: null, coarsestUm: null },
  state: 'normal',
});

/** A stone, plate, file, rod, puck or set of papers, with one or two faces. */
export function AbrasiveForm(props: ShelfFormProps<Abrasive>) {
  const { record, stamp, onSave } = props;
  const form = useRecordForm<Abrasive>(
    abrasiveSchema as ObjectSchema<Abrasive>,
    record ?? {
      name: '',
      massG: 60,
      place: 'pouch',
      carriedAnyway: false,
      notes: '',
      form: 'plate',
      lengthMm: 85,
      widthMm: 54,
      lubricants: ['water', 'dry'],
      dishMm: 0,
      faces: [newFace('face')],
    },
    stamp,
  );
  const { register, formState, handleSubmit, control } = form;
  const { errors } = formState;
  const [widthMm, dishMm, lubricants] = useWatch({
    control,
    name: ['widthMm', 'dishMm', 'lubricants'],
  });
  const faces = useFieldArray({ control, name: 'faces', keyName: 'key' });
  return (
    <ShelfForm
      {...props}
      form={form}
      onSubmit={handleSubmit((values) => onSave({ ...values, ...stamp() }))}
    >
      <div className="grid gap-4 sm:grid-cols-2">
        <TextField label="Name" error={errors.name?.message} {...register('name')} />
        <SelectField label="Form" options={wordOptions(ABRASIVE_FORMS)} {...register('form')} />
        <FormMeasure label="Length" quantity="length" control={control} name={'lengthMm'} />
      </div>
      {faces.fields.map((face, i) => (
        <FaceFields key={face.key} form={form} index={i} twoSided={faces.fields.length > 1} />
      ))}
      <div>
        {faces.fields.length === 1 ? (
          <button
            type="button"
            className="btn btn-ghost"
            onClick={() => faces.append(newFace('other side'))}
          >
            It has a second side
          </button>
        ) : (
          <button type="button" className="btn btn-ghost" onClick={() => faces.remove(1)}>
            It has one side only
          </button>
        )}
      </div>
      <Folded
        title="Width, wear, what it goes with"
        holds={[
          `${mm(widthMm)} wide`,
          dishMm > 0 ? `hollow by ${fineMm(dishMm)}` : 'flat',
          lubricants.join(' or '),
        ].join(' · ')}
        hasError={Boolean(errors.widthMm ?? errors.dishMm ?? errors.lubricants)}
      >
        <div className="grid gap-4 sm:grid-cols-3">
          <FormMeasure label="Width" quantity="length" control={control} name={'widthMm'} />
          <FormMeasure label="Worn hollow by" quantity="length" control={control} name={'dishMm'} />
        </div>
        <fieldset>
          <legend>Goes with; never mix on one stone</legend>
          <div className="flex flex-wrap gap-x-6">
            {LUBRICANT_KINDS.map((kind) => (
              <label key={kind} className="flex min-h-12 items-center gap-2">
                <input
                  type="checkbox"
                  className="checkbox"
                  value={kind}
                  {...register('lubricants')}
                />
                {kind}
              </label>
            ))}
          </div>
          {errors.lubricants && (
            <p role="alert" className="field-error">
              Tick at least one: dry counts.
            </p>
          )}
        </fieldset>
      </Folded>
    </ShelfForm>
  );
}

function FaceFields(props: { form: UseFormReturn<Abrasive>; index: number; twoSided: boolean }) {
  const { form, index, twoSided } = props;
  const { register, control, formState } = form;
  const scale = useWatch({ control, name: `faces.${index}.grade.scale` });
  const errors = formState.errors.faces?.[index];
  const path = `faces.${index}` as const;
  const optional = {
    setValueAs: (value: string | number | null) =>
      value === '' || value === null || Number.isNaN(Number(value)) ? null : Number(value),
  };
  return (
    <fieldset className="grid gap-4 border-t border-rule pt-3 sm:grid-cols-3">
      <legend className="sr-only">Side {index + 1}</legend>
      {twoSided && (
        <TextField label="Side" error={errors?.name?.message} {...register(`${path}.name`)} />
      )}
      <SelectField
        label="Abrasive"
        options={wordOptions(ABRASIVE_FAMILIES)}
        {...register(`${path}.family`)}
      />
      <SelectField label="Graded in" options={SCALE_OPTIONS} {...register(`${path}.grade.scale`)} />
      {scale === 'natural' ? (
        <SelectField
          label="Which"
          error={errors?.grade?.named?.message}
          options={[['', 'choose'], ...wordOptions(NAMED_GRADES)]}
          {...register(`${path}.grade.named`, {
            setValueAs: (value: string | null) => value || null,
          })}
        />
      ) : scale === 'range' ? (
        <>
          <NumberField
            label="Finest"
            unit="µm"
            error={errors?.grade?.finestUm?.message}
            {...register(`${path}.grade.finestUm`, optional)}
          />
          <NumberField
            label="Coarsest"
            unit="µm"
            error={errors?.grade?.coarsestUm?.message}
            {...register(`${path}.grade.coarsestUm`, optional)}
          />
        </>
      ) : (
        <NumberField
          label="Number on it"
          hint={scale === 'mesh' ? 'above 600 mesh check the µm on the package' : undefined}
          error={errors?.grade?.number?.message}
          {...register(`${path}.grade.number`, optional)}
        />
      )}
      <SelectField
        label="State"
        options={wordOptions(FACE_STATES)}
        {...register(`${path}.state`)}
      />
    </fieldset>
  );
}
