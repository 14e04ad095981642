'use client';

import { Choice } from '../../ui/Choice';
import { COMPUTES_KEY, usePreference } from '../../ui/preferences';

/** Where long plans are computed: on this device, or on the server for a device that is too weak. */
export function ComputesChoice() {
  const [computes, choose] = usePreference(COMPUTES_KEY, 'here');
  return (
    <div>
      <h2>Long plans</h2>
      <div className="mt-2">
        <Choice
          legend="Forecasts of trips and kits are computed"
          options={[
            ['here', 'on this device'],
            ['server', 'on the server of this page'],
          ]}
          chosen={computes === 'server' ? 'server' : 'here'}
          onChoose={choose}
        />
      </div>
      <p className="mt-2 max-w-[56ch] text-soft">
        For a slow phone. The server is sent the edges and the work of the plan, keeps nothing, and
        where it cannot be reached this device computes by itself.
      </p>
    </div>
  );
}
