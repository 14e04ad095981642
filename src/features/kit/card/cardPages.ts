import type { EdgeNeed } from '../../../core';

export type CardEdge = EdgeNeed;

/** Edges that a side holds, and that it holds beside the packing list. */
const EDGES_A_SIDE = 7;
const EDGES_BESIDE_LIST = 5;

export interface CardPage {
  edges: CardEdge[];
  /** Whether the packing list and the cautions stand on it. */
  isLast: boolean;
}

/** The edges of a card on its sides: as few as hold them, at least two, the list on the last. */
export function cardPages(edges: readonly CardEdge[]): CardPage[] {
  const pages: CardPage[] = [];
  let rest = [...edges];
  do {
    pages.push({ edges: rest.slice(0, EDGES_A_SIDE), isLast: false });
    rest = rest.slice(EDGES_A_SIDE);
  } while (rest.length > EDGES_BESIDE_LIST);
  pages.push({ edges: rest, isLast: true });
  return pages;
}
