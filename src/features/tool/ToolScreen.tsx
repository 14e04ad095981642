'use client';

import { toolWords as say } from './words/toolWords';
import dynamic from 'next/dynamic';
import Link from '../../ui/Link';
import { useSearchParams } from 'next/navigation';
import { useRecords, useSettings } from '../../live';

/** The form loads beside the tool's records. */
const ToolEditor = dynamic(() => import('./ToolEditor'), { ssr: false });

/** One tool: its silhouette and strip, its zones and their sections, measured and edited. */
export function ToolScreen() {
  const id = useSearchParams().get('id');
  const tools = useRecords('tools');
  const settings = useSettings();
  if (!tools || !settings) return null;
  const tool = tools.find((record) => record.id === id);
  if (!tool) {
    return (
      <section className="mx-auto w-full max-w-3xl px-4 py-12 sm:px-8">
        <h1>{say.thisToolDoesNotHang}</h1>
        <p className="mt-3">
          {say.itMayHaveBeenTaken}{' '}
          <Link href="/" className="link">
            {say.backToTheRack}
          </Link>
        </p>
      </section>
    );
  }
  return <ToolEditor key={tool.id} tool={tool} coinThicknessMm={settings.coinThicknessMm} />;
}
