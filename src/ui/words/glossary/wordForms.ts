/**
 * The words of the field by how they stand in a sentence: each form of a word opens what it means. The longest
 * form counts where several fit. Words that everybody knows (edge, blade, stone) have no form here.
 */
export const WORD_FORMS = {
  'angle-per-side': ['per side', 'angle'],
  inclusive: ['inclusive'],
  bevel: ['bevel', 'bevels'],
  'micro-bevel': ['micro-bevel', 'micro-bevels'],
  apex: ['apex', 'very edge'],
  'apex-radius': ['apex radius', 'radius of the apex'],
  shoulder: ['shoulder', 'shoulders'],
  cheek: ['cheek', 'cheeks', 'faces behind'],
  facet: ['facet', 'facets'],
  thickness: ['behind the edge', 'thick at'],
  stretch: ['stretch', 'stretches'],
  heel: ['heel'],
  toe: ['toe', 'tip'],
  belly: ['belly'],
  recurve: ['recurve', 'hollow edge'],
  scandi: ['scandi', 'zero-ground'],
  convex: ['convex'],
  'secondary-bevel': ['secondary bevel', 'secondary-bevel'],
  hollow: ['hollow'],
  contour: ['contour'],
  hardness: ['HRC', 'hardness'],
  carbides: ['carbides', 'carbide'],
  burr: ['burr', 'burrs', 'wire edge'],
  chip: ['chip', 'chips'],
  roll: ['roll', 'rolled', 'turned edge'],
  glint: ['glint', 'glints'],
  rust: ['rust'],
  'out-of-true': ['out of true'],
  wedges: ['wedges', 'wedging'],
  ink: ['ink'],
  'edge-leading': ['edge leading', 'edge first'],
  'edge-trailing': ['edge trailing', 'spine first'],
  'both-ways': ['both ways', 'back and forth', 'back-and-forth'],
  circles: ['circles'],
  sweeps: ['sweeps', 'sweep'],
  'back-end': ['back end', 'lift the back end'],
  'spine-lift': ['lift the spine', 'spine lift'],
  coins: ['coins', 'coin'],
  sections: ['sections', 'in sections'],
  force: ['N', 'lbf', 'force'],
  deburr: ['deburr', 'deburred'],
  braced: ['braced'],
  'pops-hair': ['pops hair'],
  shaves: ['shaves'],
  'push-cuts': ['push-cuts', 'push-cuts newsprint'],
  'slices-paper': ['slices paper', 'slices printer paper'],
  'tears-paper': ['tears paper'],
  'slides-on-nail': ['slides on a nail'],
  tests: ['each test', 'seven tests'],
  'edge-states': ['keen', 'tired', 'blunt'],
  micrometre: ['µm', 'micrometres', 'particle size'],
  grit: ['grit', 'grade', 'FEPA', 'JIS', 'mesh'],
  file: ['bastard file', 'mill file', 'smooth file'],
  diamond: ['diamond'],
  novaculite: ['novaculite'],
  puck: ['puck'],
  strop: ['strop', 'strops', 'stropping'],
  compound: ['compound'],
  hone: ['hone', 'honing', 'honing steel'],
  hollowed: ['dished', 'worn hollow'],
  ladder: ['ladder'],
  target: ['target'],
  'touch-up': ['touch-up', 'touch-ups'],
  thinning: ['thinning', 'thin it'],
  'steel-left': ['steel left'],
  span: ['two in three', 'span'],
  lubricant: ['lubricant', 'lubricants'],
} as const satisfies Record<string, readonly string[]>;

export type WordId = keyof typeof WORD_FORMS;

interface Piece {
  text: string;
  /** The word that the text is a form of; null for plain text. */
  word: WordId | null;
}

const OF_FORM = new Map<string, WordId>(
  (Object.entries(WORD_FORMS) as [WordId, readonly string[]][]).flatMap(([id, forms]) =>
    forms.map((form) => [form.toLowerCase(), id] as const),
  ),
);

/** Forms as a pattern, the longest first; a unit counts only behind its figure, as it is written. */
const PATTERN = new RegExp(
  `(?<![\\w-])(${[...OF_FORM.keys()]
    .sort((a, b) => b.length - a.length)
    .map((form) => form.replaceAll('-', '\\-'))
    .join('|')})(?![\\w-])`,
  'gi',
);
const UNITS: ReadonlySet<string> = new Set(['n', 'hrc', 'jis', 'fepa', 'lbf']);

/** A sentence in pieces: plain text, and every word of the field at its first place. */
export function piecesOf(sentence: string): Piece[] {
  const pieces: Piece[] = [];
  const seen = new Set<WordId>();
  let from = 0;
  for (const match of sentence.matchAll(PATTERN)) {
    const text = match[0];
    const word = OF_FORM.get(text.toLowerCase())!;
    const isUnit = UNITS.has(text.toLowerCase());
    if (seen.has(word) || (isUnit && text === text.toLowerCase() && text !== 'lbf')) continue;
    seen.add(word);
    if (match.index > from) pieces.push({ text: sentence.slice(from, match.index), word: null });
    pieces.push({ text, word });
    from = match.index + text.length;
  }
  if (from < sentence.length) pieces.push({ text: sentence.slice(from), word: null });
  return pieces;
}

/** The first word of the field in a few words, such as a label; null where there is none. */
export function wordIn(text: string): WordId | null {
  return piecesOf(text).find(({ word }) => word !== null)?.word ?? null;
}
