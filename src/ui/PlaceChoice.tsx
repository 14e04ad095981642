import { uiPartsWords } from './words/partsWords';
import type { EdgeTest } from '../domain/session';
import { EDGE_PLACES } from '../domain/terms';
import { Choice } from './Choice';
import { grams } from './format';
import { placeName } from './words/placeWords';
import { TEST_WORDS } from './words/testWords';

type Place = EdgeTest['place'];

/** Where along the edge a test is made; places say what they passed. */
export function PlaceChoice(props: {
  tests: readonly EdgeTest[];
  isAxe: boolean;
  chosen: Place;
  onChoose: (place: Place) => void;
}) {
  const { tests, isAxe, chosen, onChoose } = props;
  return (
    <Choice
      legend={uiPartsWords.testWhere}
      options={EDGE_PLACES.filter((name) => !isAxe || name !== 'belly').map((name) => {
        const known = tests.findLast((test) => test.place === name);
        const label = placeName(name, isAxe);
        return [name, known ? `${label}: ${resultWords(known)}` : label] as const;
      })}
      chosen={chosen}
      onChoose={onChoose}
    />
  );
}

function resultWords({ test, grams: reading }: EdgeTest): string {
  return test === null ? grams(reading!) : TEST_WORDS[test];
}
