import type { Metadata } from 'next';
import { Suspense } from 'react';
import { WritePastScreen } from '../../../features/log/WritePastScreen';

export const metadata: Metadata = { title: 'Write down past work' };

export default function Page() {
  return (
    <Suspense>
      <WritePastScreen />
    </Suspense>
  );
}
