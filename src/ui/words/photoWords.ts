import type { AngleRefused } from '../../core';

/** What the screen says that measures on a photo. */
export const photoWords = {
  whichEdge: 'Which edge is on the photo?',
  title: (name: string) => `${name}, on a photo`,
  intro:
    'Lay the tool flat with a coin beside it, on a card as high as the edge, and look straight down. The photo stays on this device, and is not kept.',
  take: 'Take or choose a photo',
  madeUp: 'Try a made-up photo',
  notRead: 'This file could not be read as a picture: choose a JPEG or PNG.',
  another: 'Another photo',
  coinField: 'Coin, across',
  heightField: 'Edge above the coin, at most',
  marks: { coin: 'coin', edge: 'edge', bevel: 'bevel', chip: 'chip', spine: 'spine' },
  mark: 'What is marked',
  how: {
    coin: 'Tap five or more points on the rim of the coin: three cannot see whether the photo is askew.',
    edge: 'Tap the heel of the edge, then its tip.',
    bevel: 'Tap the edge, then straight up where the bevel ends.',
    chip: 'Mark the edge first; then tap the floor of the notch.',
    spine: 'Of the spine seen from above: tap one side, then the other.',
  },
  keys: 'Arrow keys move the point last tapped, a pixel at a time; with shift, ten.',
  stage: 'Photo: tap to mark',
  undo: 'Undo tap',
  askew: (tilt: string) => `The coin leans ${tilt}: allowed for.`,
  flatter: (tilt: string) => `The coin leans ${tilt}: a flatter photo gives a narrower ±.`,
  tooAskew: (tilt: string) =>
    `The coin leans ${tilt}: too much for any ±. Take it from straight above.`,
  unseen: 'Tilt cannot be seen by so few taps: the ± allows for ten degrees.',
  measured: 'What it measures',
  edge: 'edge',
  bevel: 'bevel, as seen',
  angle: 'angle per side',
  chip: 'chip, deep',
  from: 'from the heel',
  spine: 'spine, thick',
  plusMinus: (value: string, sd: string | null) => (sd === null ? value : `${value} ± ${sd}`),
  keepAngle: 'Into the tool',
  keepEdge: 'Into the tool',
  keepSpine: 'Into the tool',
  keepChip: 'Into a look of today',
  kept: 'Kept from the photo.',
  chipKept: 'The chip stands in a look of today.',
  refused: {
    'flatter than the faces behind':
      'That is flatter than the faces behind the bevel: mark it again.',
    'flatter than the bevel': 'The micro-bevel cannot be flatter than its bevel: mark it again.',
    'steeper than the micro-bevel': 'That is steeper than its micro-bevel: was that face marked?',
    'out of range': 'No bevel is ground so: mark it again.',
  } as Record<AngleRefused, string>,
};
