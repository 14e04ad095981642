import type { Metadata } from 'next';
import { Suspense } from 'react';
import { GuideScreen } from '../../../features/guide/GuideScreen';

export const metadata: Metadata = { title: 'Touch-up guide' };

export default function Page() {
  return (
    <Suspense>
      <GuideScreen />
    </Suspense>
  );
}
