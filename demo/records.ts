import type { AllRecords } from '../src/domain/records';
import { USUAL_TRIP } from '../src/domain/trip';
import { writeBundle } from '../src/formats/bundle';
import { tools } from './crew';
import { inspections, sessions } from './history';
import { abrasives, compounds, helpers, lubricants, strops } from './shelf';
import { care } from './care';
import { pastTrips } from './pastTrips';
import { photos } from './photos';
import { practices } from './practices';
import { tripWork } from './tripWork';

/** The day on which the sample stands; loading it moves all dates so that this day is today. */
const TODAY = '2026-11-23T08:00:00.000Z';

const at = '2026-11-20T08:00:00.000Z';
const record = (id: string) => ({ id, createdAt: at, updatedAt: at, deletedAt: null });

/** The sample crew's records, standing on that day. */
export const sampleRecords: AllRecords = {
  tools,
  abrasives,
  strops,
  compounds,
  lubricants,
  helpers,
  inspections,
  sessions,
  history: [],
  practices,
  trips: [
    {
      ...record('tarrow-ness'),
      name: 'Tarrow Ness',
      startsOn: '2026-11-27',
      days: 5,
      toolIds: ['wren', 'plover', 'old-hob', 'bracken', 'tern', 'sprig', 'crook'],
      minutesPerTouchUp: 30,
      chipDepthMm: 0,
      ...USUAL_TRIP,
      work: tripWork,
      climate: ['wet', 'salt'],
      kit: {
        ...USUAL_TRIP.kit,
        covers: ['see the angle', 'lubricant', 'rust film', 'wipe', 'hand protection', 'first aid'],
        midJobFromBelt: true,
      },
      people: ['Marl', 'Fenn'],
      carriers: [
        { toolId: 'bracken', person: 'Marl' },
        { toolId: 'crook', person: 'Marl' },
        { toolId: 'old-hob', person: 'Fenn' },
      ],
      footKm: 34,
      notes: 'Gorse and bramble, water bars, waymark posts. Nights in the bothy, one fish supper.',
    },
    ...pastTrips,
  ],
  care,
  photos,
  settings: [],
};

/** The sample crew as a data file. */
export function sampleFile(): string {
  return writeBundle(sampleRecords, TODAY);
}
