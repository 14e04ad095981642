import { finding } from '../src/domain/observation';
import type { Inspection } from '../src/domain/session';
import { USUAL_TRIP, type Carried, type Trip, type TripWork } from '../src/domain/trip';
import { look } from './look';

/** Two trips that lie behind: what was carried, what of it was used, and how the edges came back. */

const work = (toolId: string, day: number, taskId: string, hours: number): TripWork => ({
  toolId,
  day,
  taskId,
  hours,
  counted: null,
});

/** Things by place, with a star before those that were used. */
const packed = (place: Carried['place'], ids: readonly string[]): Carried[] =>
  ids.map((id) => ({ itemId: id.replace('*', ''), place, packed: true, used: id.startsWith('*') }));

const past = (id: string, name: string, startsOn: string, checkedInAt: string) => ({
  id,
  createdAt: `${startsOn}T06:00:00.000Z`,
  updatedAt: checkedInAt,
  deletedAt: null,
  ...USUAL_TRIP,
  name,
  startsOn,
  checkedInAt,
  minutesPerTouchUp: 30,
  chipDepthMm: 0,
});

export const pastTrips: Trip[] = [
  {
    ...past('stane-bothy', 'Stane Bothy', '2026-08-07', '2026-08-10T17:00:00.000Z'),
    days: 3,
    toolIds: ['wren', 'plover', 'old-hob', 'sprig'],
    climate: ['dry'],
    people: ['Marl', 'Fenn'],
    carriers: [{ toolId: 'old-hob', person: 'Fenn' }],
    footKm: 18,
    work: [
      work('old-hob', 0, 'chop', 2),
      work('old-hob', 1, 'chop', 3),
      work('wren', 1, 'carve-dry', 1),
      work('wren', 2, 'carve-dry', 1),
      work('plover', 0, 'food', 0.5),
      work('plover', 1, 'food', 0.5),
      work('sprig', 0, 'food', 2),
      work('sprig', 1, 'food', 2),
      work('sprig', 2, 'food', 2),
    ],
    carried: [
      ...packed('pouch', ['*pocket-plate', '*belt', 'ceramic-rod', 'diamond-rod']),
      ...packed('pack', ['*puck', 'fine-plate', 'denim', 'mill-file']),
    ],
    notes: 'New steps for the bothy. Dry and warm.',
  },
  {
    ...past('osier-cut', 'Osier Cut', '2026-09-18', '2026-09-21T18:00:00.000Z'),
    days: 3,
    toolIds: ['plover', 'bracken', 'sprig', 'crook'],
    climate: ['wet'],
    people: ['Marl'],
    carriers: [{ toolId: 'bracken', person: 'Marl' }],
    footKm: 9,
    work: [
      work('bracken', 0, 'brush', 4),
      work('bracken', 1, 'brush', 3),
      work('bracken', 2, 'brush', 2),
      work('crook', 1, 'carve-green', 2),
      work('plover', 1, 'food', 0.5),
      work('sprig', 0, 'food', 1),
      work('sprig', 1, 'food', 1),
      work('sprig', 2, 'food', 1),
    ],
    carried: [
      ...packed('pouch', ['*diamond-rod', '*pocket-plate', '*belt', 'ceramic-rod']),
      ...packed('pack', ['puck', 'fine-plate', 'denim', 'mill-file']),
    ],
    notes: 'Withies by the river. Rain for two days of three.',
  },
];

/** How the edges left for those trips and came back from them. */
export const pastLooks: Inspection[] = [
  look('look-hob-leaves', '2026-08-06T17:00:00.000Z', 'old-hob', 'edge', 'slices-paper'),
  look('look-wren-leaves', '2026-08-06T17:10:00.000Z', 'wren', 'edge', 'shaves'),
  look('look-sprig-leaves', '2026-08-06T17:20:00.000Z', 'sprig', 'edge', 'push-cuts-newsprint'),
  look('look-hob-back', '2026-08-10T16:30:00.000Z', 'old-hob', 'edge', 'slices-paper', {
    tripId: 'stane-bothy',
  }),
  look('look-wren-back', '2026-08-10T16:35:00.000Z', 'wren', 'edge', 'slices-paper', {
    tripId: 'stane-bothy',
  }),
  look('look-plover-back', '2026-08-10T16:40:00.000Z', 'plover', 'edge', 'slices-paper', {
    tripId: 'stane-bothy',
  }),
  look('look-bracken-leaves', '2026-09-17T18:00:00.000Z', 'bracken', 'chop', 'slices-paper'),
  look('look-bracken-back', '2026-09-21T17:30:00.000Z', 'bracken', 'chop', 'slides-on-nail', {
    tripId: 'osier-cut',
    findings: [finding('glint', 240, 0, { band: 'apex' })],
    notes: 'Came back wet; wiped and oiled.',
  }),
  look('look-plover-back-2', '2026-09-21T17:40:00.000Z', 'plover', 'edge', 'slices-paper', {
    tripId: 'osier-cut',
  }),
];
