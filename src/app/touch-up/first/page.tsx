import type { Metadata } from 'next';
import { Suspense } from 'react';
import { FirstAnswerScreen } from '../../../features/plan/first/FirstAnswerScreen';

export const metadata: Metadata = { title: 'What to do' };

export default function Page() {
  return (
    <Suspense>
      <FirstAnswerScreen />
    </Suspense>
  );
}
