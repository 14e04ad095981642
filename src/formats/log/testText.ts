import { passedTest, readGrams } from '../../domain/observation';
import type { EdgeTest } from '../../domain/session';
import { EDGE_PLACES, SHARPNESS_TESTS, type SharpnessTest } from '../../domain/terms';

type Place = EdgeTest['place'];

/** Tests of one look in a cell: slices-paper, or tip tears-paper; heel shaves, or 210 g. */
export function testText(tests: readonly EdgeTest[]): string {
  return tests
    .map(({ test, grams, place }) => {
      const reading = test ?? `${grams} g`;
      return place === 'whole' ? reading : `${place} ${reading}`;
    })
    .join('; ');
}

/** The tests that a cell says; null where it says something else. */
export function readTests(text: string): EdgeTest[] | null {
  const parts = text
    .split(';')
    .map((part) => part.trim().toLowerCase())
    .filter((part) => part !== '');
  const tests = parts.map(readOne);
  return tests.every((test) => test !== null) ? tests : null;
}

function readOne(part: string): EdgeTest | null {
  const place: Place = EDGE_PLACES.find((each) => part.startsWith(`${each} `)) ?? 'whole';
  const said = part.replace(`${place} `, '').trim();
  const grams = /^(\d+(?:[.,]\d+)?) ?g$/.exec(said);
  if (grams) return readGrams(Number(grams[1]!.replace(',', '.')), place);
  const test = SHARPNESS_TESTS.find((each) => each === said.replaceAll(' ', '-'));
  return test ? passedTest(test as SharpnessTest, place) : null;
}
