import type { Metadata } from 'next';
import { LabScreen } from '../../features/lab/LabScreen';

export const metadata: Metadata = { title: 'Lab' };

export default function Page() {
  return <LabScreen />;
}
