import type { Metadata } from 'next';
import { Suspense } from 'react';
import { AfterWork } from '../../../features/guide/AfterWork';

export const metadata: Metadata = { title: 'After work' };

export default function Page() {
  return (
    <Suspense>
      <AfterWork />
    </Suspense>
  );
}
