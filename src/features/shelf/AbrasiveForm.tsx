'use client';

import { shelfWords as say } from './words';
import { nanoid } from 'nanoid';
import type { ChangeEvent } from 'react';
import { useFieldArray, type UseFormReturn } from 'react-hook-form';
import type { ObjectSchema } from 'yup';
import { abrasiveSchema, MOST_FACES, type Abrasive, type Face } from '../../domain/shelf';
import { USUAL_FORMS } from '../../domain/usualThings';
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
    'abrasives',
  );
  const { register, formState, handleSubmit, control } = form;
  const faces = useFieldArray({ control, name: 'faces', keyName: 'key' });
  const formField = useFormField(form, record === undefined);
  return (
    <ShelfForm
      {...props}
      form={form}
      onSubmit={handleSubmit((values) => onSave({ ...values, ...stamp() }).then(form.forget))}
    >
      <div className="grid gap-4 sm:grid-cols-2">
        <TextField label={say.name} error={formState.errors.name?.message} {...register('name')} />
        <SelectField label={say.form} options={wordOptions(ABRASIVE_FORMS)} {...formField} />
        <FormMeasure label={say.length} quantity="length" control={control} name="lengthMm" />
        <FormMeasure label={say.width} quantity="length" control={control} name="widthMm" />
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
              faces.append(newFace(faces.fields.length === 1 ? say.otherSide : say.thirdSide))
            }
          >
            {say.hasOneMoreSide(faces.fields.length === 1 ? 'second' : 'third')}
          </button>
        )}
        {faces.fields.length > 1 && (
          <button
            type="button"
            className="btn btn-ghost"
            onClick={() => faces.remove(faces.fields.length - 1)}
          >
            {faces.fields.length === 2 ? say.itHasOneSideOnly : say.itHasTwoSidesOnly}
          </button>
        )}
      </div>
      <StoneMore form={form} />
    </ShelfForm>
  );
}

/** The choice of a body: a new thing takes what is usual of it, until it is measured. */
function useFormField(form: UseFormReturn<Abrasive>, isNew: boolean) {
  const { register, setValue } = form;
  const field = register('form');
  const onChange = (event: ChangeEvent<HTMLSelectElement>): Promise<unknown> => {
    if (isNew) {
      const { family, grade, ...usual } = USUAL_FORMS[event.target.value as Abrasive['form']];
      for (const [name, value] of Object.entries(usual)) setValue(name as keyof Abrasive, value);
      setValue('faces.0.family', family);
      setValue('faces.0.grade', grade);
    }
    return field.onChange(event);
  };
  return { ...field, onChange };
}
