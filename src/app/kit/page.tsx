import type { Metadata } from 'next';
import { Suspense } from 'react';
import { KitScreen } from '../../features/kit/KitScreen';

export const metadata: Metadata = { title: 'Kit' };

export default function Page() {
  return (
    <Suspense>
      <KitScreen />
    </Suspense>
  );
}
