'use client';

import { useSearchParams } from 'next/navigation';
import { Fragment, type ReactNode } from 'react';
import type { EdgeNeed } from '../core/inspection';
import { EdgeChoice } from './EdgeChoice';
import Link from './Link';
import { layOut } from './words/layOutWords';
import { uiPartsWords as say } from './words/partsWords';

/** What is made of the edge that the address names, begun anew with each; else the choice of one. */
export function AskedEdge(props: {
  edges: readonly EdgeNeed[];
  title: string;
  line?: string;
  hrefOf: (toolId: string, zoneId: string) => string;
  children: (edge: EdgeNeed) => ReactNode;
}) {
  const { edges, title, line, hrefOf, children } = props;
  const params = useSearchParams();
  const own = edges.filter(({ tool }) => tool.id === params.get('tool'));
  const chosen = own.find(({ zone }) => zone.id === params.get('zone')) ?? own[0];
  if (chosen)
    return <Fragment key={`${chosen.tool.id}/${chosen.zone.id}`}>{children(chosen)}</Fragment>;
  return (
    <div className="mx-auto w-full max-w-3xl px-4 py-6 sm:px-8">
      <h1>{title}</h1>
      {line && <p className="mt-1 text-lg text-soft">{line}</p>}
      {edges.length === 0 && (
        <p className="mt-4">
          {say.nothingHangs}{' '}
          <Link href="/lay-out" className="link">
            {layOut.title}
          </Link>
        </p>
      )}
      <EdgeChoice edges={edges} hrefOf={hrefOf} />
    </div>
  );
}
