import { toolOf } from '../../testing/ladderFixtures';
import { namedPlaces, placeInWords } from './StripWalk';

it('the ends of an edge have names, and a zone has those that it reaches', () => {
  const knife = toolOf('flat-knife');
  const [whole] = knife.zones;
  const names = (startMm: number, endMm: number): string[] =>
    namedPlaces(knife, { ...whole!, startMm, endMm }).map(({ name }) => name);
  expect(names(0, knife.edgeLengthMm)).toEqual(['heel, plunge line', 'tip']);
  expect(names(0, 40)).toEqual(['heel, plunge line']);
  expect(names(40, knife.edgeLengthMm)).toEqual(['tip']);
  const axe = toolOf('felling-axe');
  const places = namedPlaces(axe, axe.zones[0]!);
  expect(placeInWords(axe.edgeLengthMm, places)).toBe('toe');
  expect(placeInWords(31.5, places)).toBe('31.5');
});
