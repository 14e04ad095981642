'use client';

import { yupResolver } from '@hookform/resolvers/yup';
import { useForm, type Resolver } from 'react-hook-form';
import { notice } from '../../ui/notice';
import { useChangeSettings, useSettings } from '../../live';
import { settingsSchema, type Settings } from '../../domain/settings';
import { NumberField } from '../../ui/forms/fields';
import { FormMeasure } from '../../ui/forms/FormMeasure';

/** The person's own coin and pace, which every plan counts with. */
export default function HabitsForm() {
  const settings = useSettings();
  if (!settings) return null;
  return <Habits key={settings.updatedAt} settings={settings} />;
}

function Habits({ settings }: { settings: Settings }) {
  const change = useChangeSettings();
  const { register, control, handleSubmit, formState } = useForm<Settings>({
    defaultValues: settings,
    resolver: yupResolver(settingsSchema) as unknown as Resolver<Settings>,
  });
  const { errors, isDirty } = formState;
  const number = { valueAsNumber: true } as const;
  const save = handleSubmit(async ({ coinThicknessMm, strokesPerMinute }) => {
    const before = {
      coinThicknessMm: settings.coinThicknessMm,
      strokesPerMinute: settings.strokesPerMinute,
    };
    await change({ coinThicknessMm, strokesPerMinute });
    void notice('Kept. Plans count with it from now on.', {
      action: { label: 'Undo', onClick: () => void change(before) },
    });
  });
  return (
    <form noValidate onSubmit={(event) => void save(event)}>
      <h2>Your hand and your coin</h2>
      <div className="mt-2 grid max-w-xl gap-4 sm:grid-cols-2">
        <FormMeasure
          label="Thickness of your coin"
          quantity="length"
          control={control}
          name={'coinThicknessMm'}
        />
        <NumberField
          label="Sweeps"
          unit="a minute"
          error={errors.strokesPerMinute?.sweeps?.message}
          {...register('strokesPerMinute.sweeps', number)}
        />
        <NumberField
          label="Back and forth"
          unit="a minute"
          error={errors.strokesPerMinute?.['back-and-forth']?.message}
          {...register('strokesPerMinute.back-and-forth', number)}
        />
        <NumberField
          label="Circles"
          unit="a minute"
          error={errors.strokesPerMinute?.circles?.message}
          {...register('strokesPerMinute.circles', number)}
        />
      </div>
      <button className="btn btn-neutral mt-4" disabled={!isDirty}>
        Keep
      </button>
    </form>
  );
}
