'use client';

import { Fragment, type ReactNode } from 'react';
import { useSettings } from '../../live';
import { setUnits } from '../../ui/units';

/** Everything below speaks in the units of the settings, and is drawn anew when they change. */
export function InUnits({ children }: { children: ReactNode }) {
  const units = useSettings()?.units;
  if (!units) return null;
  setUnits(units);
  return <Fragment key={units}>{children}</Fragment>;
}
