import type { Metadata } from 'next';
import { CareScreen } from '../../features/care/CareScreen';

export const metadata: Metadata = { title: 'Care' };

export default function Page() {
  return <CareScreen />;
}
