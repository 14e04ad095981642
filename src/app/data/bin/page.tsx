import type { Metadata } from 'next';
import { BinScreen } from '../../../features/data/BinScreen';

export const metadata: Metadata = { title: 'The bin' };

export default function Page() {
  return <BinScreen />;
}
