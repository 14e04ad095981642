import type { WordsOf } from '../word';

export const ofShapes = {
  belly: {
    name: 'belly',
    group: 'Shapes',
    line: 'where the edge curves up to the tip',
    says: 'The part of the edge that curves up to the tip. Lift the handle there, so that the edge keeps lying on the stone.',
    next: ['toe', 'sweeps'],
  },
  recurve: {
    name: 'recurve',
    group: 'Shapes',
    line: 'an edge that curves inward',
    says: 'An edge that curves inward. A flat stone cannot reach it: use a rod, or the rounded edge of a stone.',
    next: ['belly'],
  },
  scandi: {
    name: 'scandi grind',
    group: 'Shapes',
    line: 'one wide, flat bevel down to the edge',
    says: 'One wide and flat bevel that runs right down to the edge. It lies on the stone by itself, so that it holds its own angle.',
    next: ['micro-bevel', 'convex'],
  },
  convex: {
    name: 'convex grind',
    group: 'Shapes',
    line: 'a face that curves down to the edge',
    says: 'A face that curves like an apple seed down to the edge. It splits wood well and is strong. It is worked by rocking, or on something soft.',
    next: ['scandi', 'strop'],
  },
  'secondary-bevel': {
    name: 'secondary bevel',
    group: 'Shapes',
    line: 'a narrow bevel at the end of a thin blade',
    says: 'A blade that gets thin by itself and ends in a narrow bevel. Most knives and machetes are ground so.',
    next: ['bevel', 'shoulder'],
  },
  hollow: {
    name: 'hollow grind',
    group: 'Shapes',
    line: 'faces that are ground inward',
    says: 'Faces behind the bevel that curve inward, as a wheel leaves them. The edge stays thin for many touch-ups, and is not for hard blows.',
    next: ['secondary-bevel'],
  },
  contour: {
    name: 'contour',
    group: 'Shapes',
    line: 'how the edge runs, seen from the side',
    says: 'How the edge runs when you look at the blade from the side: straight, with a belly, inward, or like the bit of an axe.',
    next: ['belly', 'recurve'],
  },
} satisfies WordsOf;
