import type { Metadata } from 'next';
import { DataScreen } from '../../features/data/DataScreen';

export const metadata: Metadata = { title: 'Data' };

export default function Page() {
  return <DataScreen />;
}
