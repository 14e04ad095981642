import type { WordId } from './words/glossary/wordForms';

/** A word that was asked for, and the term that it was asked at. */
export interface AskedWord {
  id: WordId;
  at: HTMLElement;
}

type Listener = (asked: AskedWord) => void;

const listeners = new Set<Listener>();

/** Opens what a word means, in place, under the term that was tapped. */
export function askWord(asked: AskedWord): void {
  listeners.forEach((listener) => listener(asked));
}

/** Calls back for every word that is asked for; returns how to stop that. */
export function onWordAsked(listener: Listener): () => void {
  listeners.add(listener);
  return () => listeners.delete(listener);
}
