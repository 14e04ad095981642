import type { WordId } from './wordForms';

export const WORD_GROUPS = [
  'The edge',
  'Shapes',
  'What you see',
  'How it moves',
  'How keen',
  'What sharpens',
  'What it asks',
] as const;
export type WordGroup = (typeof WORD_GROUPS)[number];

/** A word of the field: what it is, in a line and in a few sentences, and where to read on. */
export interface Word {
  name: string;
  group: WordGroup;
  /** In a line, beside its picture. */
  line: string;
  /** One or two sentences, or three; forms of other words in it lead on. */
  says: string;
  next: readonly WordId[];
}

/** Some of the words, by their ids. */
export type WordsOf = Partial<Record<WordId, Word>>;
