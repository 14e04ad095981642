import type { Metadata } from 'next';
import { Suspense } from 'react';
import { PlanScreen } from '../../features/plan/PlanScreen';

export const metadata: Metadata = { title: 'Touch-up' };

export default function Page() {
  return (
    <Suspense>
      <PlanScreen />
    </Suspense>
  );
}
