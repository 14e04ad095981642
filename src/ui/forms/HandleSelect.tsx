'use client';

import { uiFormsWords as say } from '../words/formsWords';
import type { ComponentProps } from 'react';
import type { Tool } from '../../domain/tool';
import { SelectField } from './fields';

/** Whose handle a blade sits on: its own, or that of another tool that folds or changes blades. */
export function HandleSelect({
  tools,
  ...field
}: { tools: readonly Tool[] } & Omit<ComponentProps<typeof SelectField>, 'label' | 'options'>) {
  const handles = tools.filter(({ handleOf }) => handleOf === null);
  return (
    <SelectField
      label={say.itsHandle}
      options={[
        ['', say.itsOwn],
        ...handles.map(({ id, name }) => [id, say.sAnotherBladeOfIt(name)] as const),
      ]}
      {...field}
    />
  );
}
