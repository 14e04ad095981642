import type { Metadata } from 'next';
import { Suspense } from 'react';
import { ToolScreen } from '../../features/tool/ToolScreen';

export const metadata: Metadata = { title: 'Tool' };

export default function Page() {
  return (
    <Suspense>
      <ToolScreen />
    </Suspense>
  );
}
