import type { Metadata } from 'next';
import { Suspense } from 'react';
import { LookScreen } from '../../../features/log/LookScreen';

export const metadata: Metadata = { title: 'A look' };

export default function Page() {
  return (
    <Suspense>
      <LookScreen />
    </Suspense>
  );
}
