import type { Metadata } from 'next';
import { Suspense } from 'react';
import { EntryScreen } from '../../../features/log/EntryScreen';

export const metadata: Metadata = { title: 'Log entry' };

export default function Page() {
  return (
    <Suspense>
      <EntryScreen />
    </Suspense>
  );
}
