import type { Abrasive, Strop } from '../../domain/shelf';
import { usualRecord } from '../../domain/usualRecords';
import { USUAL_THINGS } from '../../domain/usualThings';
import { HelperDrawing, helperSizeMm, shapeOfHelper, type HelperShape } from './HelperDrawing';
import { ThingDrawing, USUAL_STROP_WIDTH_MM } from './ThingDrawing';
import { thingOutline } from './thingOutline';

/** Leather and cloth lie folded or rolled: no longer than this (mm). */
const LONGEST_MM = 260;

/** A usual thing from its usual measures, before it has a record. */
export function UsualThingDrawing({ name, pxPerMm }: { name: string; pxPerMm: number }) {
  const drawn = drawable(name);
  if ('shape' in drawn) return <HelperDrawing shape={drawn.shape} pxPerMm={pxPerMm} />;
  return <ThingDrawing thing={drawn.thing} pxPerMm={pxPerMm} mostPx={LONGEST_MM * pxPerMm} />;
}

/** How much room it takes as it is drawn. */
export function usualThingSizeMm(name: string): { widthMm: number; heightMm: number } {
  const drawn = drawable(name);
  if ('shape' in drawn) {
    const { width, height } = helperSizeMm(drawn.shape);
    return { widthMm: width, heightMm: height };
  }
  const { form, lengthMm, widthMm } = drawn.thing;
  const measures = { form, lengthMm, widthMm: widthMm ?? USUAL_STROP_WIDTH_MM };
  const { widthPx, heightPx } = thingOutline(measures, 1, LONGEST_MM);
  return { widthMm: widthPx, heightMm: heightPx };
}

function drawable(name: string): { thing: Abrasive | Strop } | { shape: HelperShape } {
  const usual = USUAL_THINGS.find((thing) => thing.name === name)!;
  const told = { id: 'drawn', name, fineness: null, compoundId: null };
  const own = usualRecord(usual, told, '2000-01-01T00:00:00.000Z');
  if (own.store === 'abrasives' || own.store === 'strops') return { thing: own.record };
  return { shape: own.store === 'compounds' ? ('bar' as const) : shapeOfHelper(own.record.kind) };
}
