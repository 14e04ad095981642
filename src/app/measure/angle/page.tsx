import type { Metadata } from 'next';
import { AngleScreen } from '../../../features/angle/AngleScreen';

export const metadata: Metadata = { title: 'Angle by the phone' };

export default function Page() {
  return <AngleScreen />;
}
