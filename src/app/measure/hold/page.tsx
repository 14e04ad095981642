import type { Metadata } from 'next';
import { HoldScreen } from '../../../features/hold/HoldScreen';

export const metadata: Metadata = { title: 'Hold coach' };

export default function Page() {
  return <HoldScreen />;
}
