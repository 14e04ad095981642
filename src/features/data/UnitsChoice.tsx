'use client';

import { useChangeSettings, useSettings } from '../../live';
import { Choice } from '../../ui/Choice';

/** Metric, or inches, ounces and pounds-force; everywhere at once. */
export function UnitsChoice() {
  const settings = useSettings();
  const change = useChangeSettings();
  if (!settings) return null;
  return (
    <div>
      <h2>Units</h2>
      <div className="mt-2">
        <Choice
          legend="Lengths, weights and forces are shown and typed in"
          options={[
            ['metric', 'mm, g, N'],
            ['imperial', 'inches, ounces, pounds-force'],
          ]}
          chosen={settings.units}
          onChoose={(units) => void change({ units })}
        />
      </div>
      <p className="mt-2 max-w-[56ch] text-soft">
        Inches may be typed as fractions. Grains stay in µm, and data files stay metric.
      </p>
    </div>
  );
}
