import type { Metadata } from 'next';
import { AnswersScreen } from '../../../features/log/answers/AnswersScreen';

export const metadata: Metadata = { title: 'What the log answers' };

export default function Page() {
  return <AnswersScreen />;
}
