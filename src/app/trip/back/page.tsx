import type { Metadata } from 'next';
import { Suspense } from 'react';
import { BackScreen } from '../../../features/trip/back/BackScreen';

export const metadata: Metadata = { title: 'Back from a trip' };

export default function Page() {
  return (
    <Suspense>
      <BackScreen />
    </Suspense>
  );
}
