import type { EdgeNeed } from '../../../core/inspection';

export type CardEdge = EdgeNeed;

/** Edges that a side holds, in full or in short rows, and that it holds beside the packing list. */
const EDGES_A_SIDE = { full: 7, short: 9 };
const EDGES_BESIDE_LIST = 3;

export interface CardPage {
  edges: CardEdge[];
  /** Rows without a note, and so lower: where there are many. */
  isShort: boolean;
  /** Whether the packing list and the cautions stand on it. */
  isLast: boolean;
}

/** The edges of a card on its sides: as few as hold them, at least two, the list on the last. */
export function cardPages(edges: readonly CardEdge[]): CardPage[] {
  const isShort = edges.length > EDGES_A_SIDE.full + EDGES_BESIDE_LIST;
  const most = isShort ? EDGES_A_SIDE.short : EDGES_A_SIDE.full;
  const pages: CardPage[] = [];
  let rest = [...edges];
  do {
    pages.push({ edges: rest.slice(0, most), isShort, isLast: false });
    rest = rest.slice(most);
  } while (rest.length > EDGES_BESIDE_LIST);
  pages.push({ edges: rest, isShort, isLast: true });
  return pages;
}
