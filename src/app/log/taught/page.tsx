import type { Metadata } from 'next';
import { TaughtScreen } from '../../../features/taught/TaughtScreen';

export const metadata: Metadata = { title: 'What your log has taught it' };

export default function Page() {
  return <TaughtScreen />;
}
