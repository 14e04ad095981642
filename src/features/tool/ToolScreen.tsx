'use client';

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
        <h1>This tool does not hang here</h1>
        <p className="mt-3">
          It may have been taken down, or the link is from another device.{' '}
          <Link href="/" className="link">
            Back to the rack
          </Link>
        </p>
      </section>
    );
  }
  return <ToolEditor key={tool.id} tool={tool} coinThicknessMm={settings.coinThicknessMm} />;
}
