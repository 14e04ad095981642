import type { Metadata } from 'next';
import { LogScreen } from '../../features/log/LogScreen';

export const metadata: Metadata = { title: 'Log' };

export default function Page() {
  return <LogScreen />;
}
