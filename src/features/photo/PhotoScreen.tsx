'use client';

import { useSearchParams } from 'next/navigation';
import { useSettledStandings } from '../../live';
import { EdgeChoice } from '../../ui/EdgeChoice';
import { photoLink } from '../../ui/links';
import { photoWords as say } from '../../ui/words/photoWords';
import { PhotoMeasure } from './PhotoMeasure';

/** Measuring on a photo: for the edge that the address names, else the choice of one. */
export function PhotoScreen() {
  const params = useSearchParams();
  const needs = useSettledStandings()?.needs;
  if (!needs) return null;
  const own = needs.filter(({ tool }) => tool.id === params.get('tool'));
  const chosen = own.find(({ zone }) => zone.id === params.get('zone')) ?? own[0];
  if (chosen) return <PhotoMeasure key={`${chosen.tool.id}/${chosen.zone.id}`} need={chosen} />;
  return (
    <div className="mx-auto w-full max-w-3xl px-4 py-6 sm:px-8">
      <h1>{say.whichEdge}</h1>
      <EdgeChoice edges={needs} hrefOf={photoLink} />
    </div>
  );
}
