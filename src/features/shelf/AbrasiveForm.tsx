'use client';

import { nanoid } from 'nanoid';
import { useFieldArray } from 'react-hook-form';
import type { ObjectSchema } from 'yup';
import { abrasiveSchema, MOST_FACES, type Abrasive, type Face } from '../../domain/shelf';
import { ABRASIVE_FORMS } from '../../domain/terms';
import { SelectField, TextField, wordOptions } from '../../ui/forms/fields';
import { FormMeasure } from '../../ui/forms/FormMeasure';
import { FaceFields } from './FaceFields';
import { ShelfForm, useRecordForm, type ShelfFormProps } from './shelfForm';
import { StoneMore } from './StoneMore';

const newFace = (name: string): Face => ({
  id: nanoid(6),
  name,
  family: 'diamond',
  grade: { scale: 'micron', number: 25, named: null, finestUm: null, coarsestUm: null },
  state: 'normal',
});

/** A stone, plate, file, rod, steel, puck or set of papers, with one face or more. */
export function AbrasiveForm(props: ShelfFormProps<Abrasive>) {
  const { record, stamp, onSave } = props;
  const form = useRecordForm<Abrasive>(
    abrasiveSchema as ObjectSchema<Abrasive>,
    record ?? {
      name: '',
      massG: 60,
      place: 'pouch',
      carriedAnyway: false,
      price: null,
      notes: '',
      form: 'plate',
      freshLeft: null,
      freshAt: null,
      lengthMm: 85,
      widthMm: 54,
      thicknessMm: null,
      lubricants: ['water', 'dry'],
      usedWithOil: false,
      soakMl: null,
      dishMm: 0,
      faces: [newFace('face')],
    },
    stamp,
  );
  const { register, formState, handleSubmit, control } = form;
  const faces = useFieldArray({ control, name: 'faces', keyName: 'key' });
  return (
    <ShelfForm
      {...props}
      form={form}
      onSubmit={handleSubmit((values) => onSave({ ...values, ...stamp() }))}
    >
      <div className="grid gap-4 sm:grid-cols-2">
        <TextField label="Name" error={formState.errors.name?.message} {...register('name')} />
        <SelectField label="Form" options={wordOptions(ABRASIVE_FORMS)} {...register('form')} />
        <FormMeasure label="Length" quantity="length" control={control} name="lengthMm" />
        <FormMeasure label="Width" quantity="length" control={control} name="widthMm" />
      </div>
      {faces.fields.map((face, i) => (
        <FaceFields key={face.key} form={form} index={i} twoSided={faces.fields.length > 1} />
      ))}
      <div>
        {faces.fields.length < MOST_FACES && (
          <button
            type="button"
            className="btn btn-ghost"
            onClick={() =>
              faces.append(newFace(faces.fields.length === 1 ? 'other side' : 'third side'))
            }
          >
            It has a {faces.fields.length === 1 ? 'second' : 'third'} side
          </button>
        )}
        {faces.fields.length > 1 && (
          <button
            type="button"
            className="btn btn-ghost"
            onClick={() => faces.remove(faces.fields.length - 1)}
          >
            {faces.fields.length === 2 ? 'It has one side only' : 'It has two sides only'}
          </button>
        )}
      </div>
      <StoneMore form={form} />
    </ShelfForm>
  );
}
