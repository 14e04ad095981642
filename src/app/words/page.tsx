import type { Metadata } from 'next';
import { Suspense } from 'react';
import { WordsScreen } from '../../features/words/WordsScreen';

export const metadata: Metadata = { title: 'Words' };

export default function Page() {
  return (
    <Suspense>
      <WordsScreen />
    </Suspense>
  );
}
