'use client';

import { useSettledStandings } from '../../live';
import { AskedEdge } from '../../ui/AskedEdge';
import { photoLink } from '../../ui/links';
import { photoWords as say } from '../../ui/words/photoWords';
import { PhotoMeasure } from './PhotoMeasure';

/** Measuring on a photo: for the edge that the address names, else the choice of one. */
export function PhotoScreen() {
  const needs = useSettledStandings()?.needs;
  if (!needs) return null;
  return (
    <AskedEdge edges={needs} title={say.whichEdge} hrefOf={photoLink}>
      {(need) => <PhotoMeasure need={need} />}
    </AskedEdge>
  );
}
