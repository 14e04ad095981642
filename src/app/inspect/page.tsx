import type { Metadata } from 'next';
import { Suspense } from 'react';
import { InspectScreen } from '../../features/inspect/InspectScreen';

export const metadata: Metadata = { title: 'Inspect' };

export default function Page() {
  return (
    <Suspense>
      <InspectScreen />
    </Suspense>
  );
}
