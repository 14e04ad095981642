import type { Tool, Zone } from '../../domain/tool';

const MEASURES = [
  'grind',
  'bevelAngleDeg',
  'primaryAngleDeg',
  'shoulderThicknessMm',
  'microBevel',
  'hollowRadiusMm',
] as const satisfies readonly (keyof Zone)[];

/** The edited tool, with the moment on every zone whose measures are not those of before. */
export function stampMeasures(before: Tool, edited: Tool, at: string): Tool {
  const stamp = (zone: Zone): Zone => {
    const old = before.zones.find(({ id }) => id === zone.id);
    const same = old && MEASURES.every((name) => said(old[name]) === said(zone[name]));
    return same ? zone : { ...zone, measuredAt: at };
  };
  return { ...edited, zones: edited.zones.map(stamp) };
}

function said(measure: Zone[(typeof MEASURES)[number]]): string {
  return JSON.stringify(measure);
}
