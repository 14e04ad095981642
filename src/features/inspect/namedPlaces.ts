import { FORM_WORDS } from '../../ui/words/formWords';
import { KINDS } from '../../domain/kinds';
import type { Tool, Zone } from '../../domain/tool';

/** A place on the edge that has a name of its own. */
export interface NamedPlace {
  name: string;
  atMm: number;
}

/** The named places that a zone reaches: the heel or plunge line, and the tip or toe. */
export function namedPlaces(tool: Tool, zone: Zone): NamedPlace[] {
  const [heel, tip] = FORM_WORDS[KINDS[tool.kind].form].ends;
  return [
    ...(zone.startMm === 0 ? [{ name: heel, atMm: 0 }] : []),
    ...(zone.endMm === tool.edgeLengthMm ? [{ name: tip, atMm: zone.endMm }] : []),
  ];
}

/** A place in words: by its name where it has one, else in mm from the heel. */
export function placeInWords(atMm: number, places: readonly NamedPlace[]): string {
  return places.find((place) => place.atMm === atMm)?.name ?? String(atMm);
}
