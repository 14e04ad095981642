import { ofWhatIsAsked } from './words/asks';
import { ofTheEdge } from './words/edge';
import { ofKeenness } from './words/keen';
import { ofMoves } from './words/moves';
import { ofWhatIsSeen } from './words/seen';
import { ofShapes } from './words/shapes';
import { ofWhatSharpens } from './words/sharpens';
import type { Word } from './word';
import type { WordId } from './wordForms';

export { WORD_GROUPS, type Word, type WordGroup } from './word';

/** Every word of the field; one that has no place in its group does not compile. */
export const GLOSSARY: Record<WordId, Word> = {
  ...ofTheEdge,
  ...ofShapes,
  ...ofWhatIsSeen,
  ...ofMoves,
  ...ofKeenness,
  ...ofWhatSharpens,
  ...ofWhatIsAsked,
};

export const WORD_IDS = Object.keys(GLOSSARY) as WordId[];
