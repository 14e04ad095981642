import type { WordsOf } from '../word';

export const ofWhatIsAsked = {
  hardness: {
    name: 'hardness, HRC',
    group: 'What it asks',
    line: 'how hard the steel is',
    says: 'How hard the steel is, on a scale from about 50 (an axe, a machete) to 64 (a very hard knife). Hard steel stays keen longer, takes more strokes, and chips sooner.',
    next: ['carbides', 'file'],
  },
  carbides: {
    name: 'carbides',
    group: 'What it asks',
    line: 'hard grains within the steel',
    says: 'Very hard grains within some steels. They keep an edge longer and resist soft stones: use diamond on such steel.',
    next: ['hardness', 'diamond'],
  },
  ladder: {
    name: 'ladder',
    group: 'What it asks',
    line: 'the things of a touch-up, coarse to fine',
    says: 'The things that a touch-up goes through, from coarse to fine. A step too far leaves deep scratches; one too short wastes strokes.',
    next: ['touch-up', 'micrometre'],
  },
  target: {
    name: 'target',
    group: 'What it asks',
    line: 'how keen the work asks the edge to be',
    says: 'How keen an edge has to be for its work. Splitting needs little, carving much. Keener than that only wears away sooner.',
    next: ['edge-states'],
  },
  'touch-up': {
    name: 'touch-up',
    group: 'What it asks',
    line: 'the least work that brings an edge back',
    says: 'The least work that brings an edge back to its target: often a strop, sometimes one stone, seldom a file.',
    next: ['ladder', 'target'],
  },
  thinning: {
    name: 'thinning',
    group: 'What it asks',
    line: 'taking steel off behind the edge',
    says: 'Every touch-up makes the edge a little thicker. After some seasons steel is taken off behind it, so that it goes through again.',
    next: ['shoulder', 'thickness'],
  },
  'steel-left': {
    name: 'steel left',
    group: 'What it asks',
    line: 'how much may still be ground away',
    says: 'How many millimetres of blade, or of hardened bit, may still be ground away before the tool is used up.',
    next: ['hardness'],
  },
  span: {
    name: 'span',
    group: 'What it asks',
    line: 'from–to: two times in three it lies within',
    says: 'The two numbers after an estimate. Two times in three the true value lies between them. Your own log makes them narrower.',
    next: [],
  },
} satisfies WordsOf;
