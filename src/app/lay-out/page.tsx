import type { Metadata } from 'next';
import { LayOutScreen } from '../../features/layOut/LayOutScreen';

export const metadata: Metadata = { title: 'Lay out what you have' };

export default function Page() {
  return <LayOutScreen />;
}
