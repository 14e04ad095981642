import type { Metadata } from 'next';
import { PhotoScreen } from '../../../features/photo/PhotoScreen';

export const metadata: Metadata = { title: 'Measure on a photo' };

export default function Page() {
  return <PhotoScreen />;
}
