import type { Job } from '../../../domain/terms';

/** What the search says. */
export const findWords = {
  title: 'Find',
  label: 'A tool, a thing, a word, something to do',
  nothing: 'Nothing holds all of these words.',
  hint: 'Try “file the axe”, “burr”, or the name of a tool.',
  onShelf: 'on the shelf',
  close: 'Close',
  allWords: 'All words',
  count: (count: number) => (count === 1 ? '1 found' : `${count} found`),
};

/** What each kind of thing that is found is called. */
export const KIND_WORDS = {
  doing: 'Do',
  tool: 'Tools',
  thing: 'Things',
  trip: 'Trips',
  word: 'Words',
  entry: 'In the log',
} as const;

interface Doing {
  says: (edge: string) => string;
  /** Other words for it. */
  also: string;
  /** A job to be planned; null for what is not. */
  job: Job | null;
  path?: (toolId: string, zoneId: string) => string;
  /** Whether it is work on the edge, which a tool that must not be used does not get. */
  isWork: boolean;
}

/** What can be done with an edge. */
export const doings: readonly Doing[] = [
  {
    says: (edge) => `Touch up ${edge}`,
    also: 'sharpen file stone grind strop plate plan chip blunt dull touch-up',
    job: 'touch-up',
    isWork: true,
  },
  {
    says: (edge) => `Hone ${edge}`,
    also: 'steel straight rolled turned edge lay it straight',
    job: 'hone',
    isWork: true,
  },
  {
    says: (edge) => `Thin ${edge}`,
    also: 'thinning shoulders thick behind wedges',
    job: 'thin',
    isWork: true,
  },
  {
    says: (edge) => `Change the angle of ${edge}`,
    also: 'reprofile grind steeper lower degrees convex scandi micro-bevel',
    job: 'angle',
    isWork: true,
  },
  {
    says: (edge) => `Look along ${edge}`,
    also: 'inspect check look chip damage test note',
    job: null,
    path: (tool) => `/inspect?tool=${tool}`,
    isWork: false,
  },
  {
    says: (edge) => `Measure ${edge}`,
    also: 'measures angle width ruler calliper photo picture history',
    job: null,
    path: (tool) => `/tool?id=${tool}`,
    isWork: false,
  },
];

/** What can be done that is of no tool. */
export const screenDoings: readonly { title: string; also: string; href: string }[] = [
  {
    title: 'Lay out tools and things',
    also: 'add new hang tool stone first start',
    href: '/lay-out',
  },
  { title: 'Plan a trip', also: 'days travel journey trip forecast paint', href: '/trip' },
  { title: 'Pack a kit', also: 'kit carry light grams weight pack list', href: '/kit' },
  { title: 'Print the field card', also: 'card paper print share', href: '/kit/card' },
  {
    title: 'Put a stone on the shelf',
    also: 'add stone file strop thing convert grit grade',
    href: '/shelf',
  },
  { title: 'Write down a past touch-up', also: 'log entry past write', href: '/log/write' },
  { title: 'What the log has taught', also: 'learned taught evidence pace', href: '/log/taught' },
  { title: 'Answers of the log', also: 'statistics trend how long lasts', href: '/log/answers' },
  { title: 'Look after tools and things', also: 'care oil wax rust calendar due', href: '/care' },
  {
    title: 'Save a copy, or bring one in',
    also: 'export import backup file data merge',
    href: '/data',
  },
  {
    title: 'Units, habits and theme',
    also: 'settings metric imperial inches theme dark sun',
    href: '/data',
  },
  { title: 'What was taken away', also: 'bin deleted removed restore undo', href: '/data/bin' },
];
