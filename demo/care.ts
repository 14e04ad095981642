import type { Care, CareDoing } from '../src/domain/care';

/** What the crew has done between trips, newest last. */
const done = (at: string, thingId: string, doing: CareDoing, note = ''): Care => ({
  id: `care-${thingId}-${doing.replaceAll(' ', '-')}`,
  createdAt: at,
  updatedAt: at,
  deletedAt: null,
  thingId,
  doing,
  kind: 'done',
  at,
  until: null,
  every: null,
  note,
});

export const care: Care[] = [
  done('2026-04-18T10:00:00.000Z', 'wren', 'oil handle', 'Linseed, two coats.'),
  done('2026-04-25T10:30:00.000Z', 'bracken', 'wax sheath'),
  done('2026-08-16T17:00:00.000Z', 'wren', 'wax sheath'),
  done('2026-09-21T18:30:00.000Z', 'bracken', 'film', 'Came back wet.'),
  ...['plover', 'old-hob', 'bracken', 'crook', 'tern'].map((tool) =>
    done('2026-04-18T10:20:00.000Z', tool, 'oil handle'),
  ),
  done('2026-10-03T17:30:00.000Z', 'puck', 'scrub'),
  done('2026-10-03T17:40:00.000Z', 'puck', 'flatten', 'On the plate, until the pencil was gone.'),
  done('2026-10-25T18:00:00.000Z', 'pocket-plate', 'scrub'),
  done('2026-11-01T16:50:00.000Z', 'plover', 'film'),
  done('2026-11-01T17:00:00.000Z', 'old-hob', 'film'),
  {
    ...done('2026-06-28T08:00:00.000Z', 'denim', 'load', 'On cloth the crayon is gone sooner.'),
    kind: 'every',
    every: 90,
  },
];
