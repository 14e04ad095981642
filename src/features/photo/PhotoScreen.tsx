'use client';

import { useSearchParams } from 'next/navigation';
import { useRecord, useSettledStandings } from '../../live';
import { AskedEdge } from '../../ui/AskedEdge';
import { photoLink } from '../../ui/links';
import { photoWords as say } from './words';
import { PhotoMeasure } from './PhotoMeasure';

/** Measuring on a photo: for the edge that the address names, else the choice of one; on a picture that was kept, or a new one. */
export function PhotoScreen() {
  const needs = useSettledStandings()?.needs;
  const asked = useSearchParams().get('photo') ?? '';
  const { record: kept } = useRecord('photos', asked);
  if (!needs || kept === undefined) return null;
  return (
    <AskedEdge edges={needs} title={say.whichEdge} hrefOf={photoLink}>
      {(need) => <PhotoMeasure need={need} kept={kept} />}
    </AskedEdge>
  );
}
