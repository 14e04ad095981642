import type { WordsOf } from '../word';

export const ofWhatIsSeen = {
  burr: {
    name: 'burr',
    group: 'What you see',
    line: 'a thin lip, bent over to the far side',
    says: 'A thin lip of steel, bent over to the side away from the stone. Along the whole edge it proves that the stone got there. Left on, it breaks off in a minute of work. Feel for it across the edge, never along it.',
    next: ['roll', 'deburr', 'edge-trailing'],
  },
  chip: {
    name: 'chip',
    group: 'What you see',
    line: 'a piece is gone; beside the edge of a coin',
    says: 'A piece of the edge has broken out. Deep ones take much steel to grind out: often a small one is left to wear away.',
    next: ['roll', 'facet'],
  },
  roll: {
    name: 'roll, or turned edge',
    group: 'What you see',
    line: 'the edge is bent over, nothing is gone',
    says: 'The edge is bent to one side and nothing is missing. A smooth steel or a strop may lay it straight again.',
    next: ['chip', 'hone'],
  },
  glint: {
    name: 'glint',
    group: 'What you see',
    line: 'held to the light, a blunt place shines',
    says: 'Hold the edge to a light and look straight at it. A keen edge is a dark line; where it is blunt, it shines.',
    next: ['edge-states'],
  },
  rust: {
    name: 'rust',
    group: 'What you see',
    line: 'red spots eat the edge',
    says: 'Red spots eat into the edge within hours of wet. Grey or blue stains are harmless and even protect. Dry it, and give it a thin film of oil.',
    next: [],
  },
  'out-of-true': {
    name: 'out of true',
    group: 'What you see',
    line: 'the edge waves, seen from above',
    says: 'Seen from above the edge is not one straight line: it waves or leans. It is bent, and no stone mends that.',
    next: ['roll'],
  },
  wedges: {
    name: 'wedging',
    group: 'What you see',
    line: 'it sticks in the cut: too thick behind',
    says: 'The tool cuts in and then sticks, because it is too thick behind the edge. More sharpening does not help: it needs thinning.',
    next: ['thinning', 'thickness'],
  },
} satisfies WordsOf;
