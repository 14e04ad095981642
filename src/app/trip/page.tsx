import type { Metadata } from 'next';
import { Suspense } from 'react';
import { TripScreen } from '../../features/trip/TripScreen';

export const metadata: Metadata = { title: 'Trip' };

export default function Page() {
  return (
    <Suspense>
      <TripScreen />
    </Suspense>
  );
}
