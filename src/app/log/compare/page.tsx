import type { Metadata } from 'next';
import { Suspense } from 'react';
import { CompareScreen } from '../../../features/log/CompareScreen';

export const metadata: Metadata = { title: 'Two entries' };

export default function Page() {
  return (
    <Suspense>
      <CompareScreen />
    </Suspense>
  );
}
