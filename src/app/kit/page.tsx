import type { Metadata } from 'next';
import { KitScreen } from '../../features/kit/KitScreen';

export const metadata: Metadata = { title: 'Kit' };

export default function Page() {
  return <KitScreen />;
}
