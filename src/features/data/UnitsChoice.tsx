'use client';

import { dataWords as say } from '../../ui/words/screens/data';
import { useChangeSettings, useSettings } from '../../live';
import { Choice } from '../../ui/Choice';

/** Metric, or inches, ounces and pounds-force; everywhere at once. */
export function UnitsChoice() {
  const settings = useSettings();
  const change = useChangeSettings();
  if (!settings) return null;
  return (
    <div>
      <h2>{say.units}</h2>
      <div className="mt-2">
        <Choice
          legend={say.lengthsWeightsAndForcesAre}
          options={[
            ['metric', say.mmGN],
            ['imperial', say.inchesOuncesPoundsForce],
          ]}
          chosen={settings.units}
          onChoose={(units) => void change({ units })}
        />
      </div>
      <p className="mt-2 max-w-[56ch] text-soft">{say.inchesMayBeTypedAs}</p>
    </div>
  );
}
