import { FAMILIES } from '../../domain/families';
import { dishAngleError } from '../edge';
import { shelfWithin } from '../ladder';
import type { SurfaceUse } from '../log';
import { counted, row, usedUp, type CareLog, type CareRow } from './careRow';
import { PRIORS } from '../priors';

/** What stones, files and papers want: to be flat, to be clean, and a fresh face in its time. */
export function stoneRows(asked: CareLog): CareRow[] {
  const along = new Set(shelfWithin(asked.shelf, 'camp').abrasives.map(({ id }) => id));
  return asked.shelf.abrasives.flatMap((stone): CareRow[] => {
    const { id, dishMm, lengthMm, faces } = stone;
    const use = totalUse(faces.map((face) => asked.surfaceUse.get(`${id}/${face.id}`)));
    const goes = along.has(id);
    const rows: CareRow[] = [];
    const hollowDeg = dishAngleError({ sagMm: dishMm, lengthMm });
    if (hollowDeg >= PRIORS.notableHollowDeg.value) {
      rows.push(row(asked, stone, 'flatten', { goes, hollowDeg, ownDueAt: asked.now }));
    } else if (faces.some(({ family }) => FAMILIES[family].wearsHollow) && use) {
      rows.push(counted(asked, stone, 'flatten', use, goes));
    }
    if (faces.some(({ state }) => state === 'loaded' || state === 'glazed')) {
      rows.push(row(asked, stone, 'scrub', { goes, isClogged: true, ownDueAt: asked.now }));
    } else if (use && stone.form !== 'paper') rows.push(counted(asked, stone, 'scrub', use, goes));
    if (stone.freshLeft !== null && use)
      rows.push(usedUp(asked, stone, stone.freshLeft, use, goes));
    return rows;
  });
}

function totalUse(all: readonly (SurfaceUse | undefined)[]): SurfaceUse | null {
  const uses = all.flatMap((use) => use?.uses ?? []).sort((a, b) => a.atMs - b.atMs);
  return uses.length > 0 ? { uses } : null;
}
