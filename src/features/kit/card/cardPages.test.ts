import fc from 'fast-check';
import { cardPages, type CardEdge } from './cardPages';

const edges = (count: number): CardEdge[] =>
  Array.from({ length: count }, (_, i) => ({ tool: { id: String(i) } }) as CardEdge);

it('puts every edge on a side, seven at most, nine short ones, three beside the list, and two sides up to twelve', () => {
  fc.assert(
    fc.property(fc.integer({ min: 0, max: 60 }), (count) => {
      const pages = cardPages(edges(count));
      expect(pages.flatMap((page) => page.edges)).toEqual(edges(count));
      expect(pages.filter(({ isLast }) => isLast)).toEqual([pages.at(-1)]);
      pages.forEach(({ edges: own, isLast, isShort }) =>
        expect(own.length).toBeLessThanOrEqual(isLast ? 3 : isShort ? 9 : 7),
      );
      if (count <= 12) expect(pages).toHaveLength(2);
    }),
  );
});
