import type { Metadata } from 'next';
import { Suspense } from 'react';
import { PlanScreen } from '../../features/touch-up/PlanScreen';

export const metadata: Metadata = { title: 'Touch-up' };

export default function Page() {
  return (
    <Suspense>
      <PlanScreen />
    </Suspense>
  );
}
