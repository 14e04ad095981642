import type { Metadata } from 'next';
import { Suspense } from 'react';
import { CardScreen } from '../../../features/kit/card/CardScreen';

export const metadata: Metadata = { title: 'Field card' };

export default function Page() {
  return (
    <Suspense>
      <CardScreen />
    </Suspense>
  );
}
