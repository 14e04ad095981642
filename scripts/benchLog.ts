import { longLog } from '../demo/longLog';
import { benchAt, edgeNeeds, standings, zoneStates } from '../src/core/inspection';
import { handOf } from '../src/core/log';
import { DEFAULT_PACE } from '../src/core/wear';
import { defaultSettings } from '../src/core/defaultSettings';
import { loggedSession } from '../src/domain/loggedSession';
import { findRows, NO_FILTER } from '../src/features/log/logFilter';
import { logRows } from '../src/features/log/logRows';
import { readBundle, writeBundle } from '../src/formats/bundle';
import { millisecondsEach } from './millisecondsEach';

/** Years of log: forty tools and ten thousand sessions, each way beside a plain one in this run. */

const records = longLog({ tools: 40, sessions: 10_000 });
const { tools, inspections } = records;
const shelf = records;
const sessions = records.sessions.map(loggedSession);
const settings = defaultSettings('2026-01-01T00:00:00.000Z');

/** The baseline: every tool walks the whole log for itself. */
function eachToolForItself(): number {
  const hand = handOf({ tools, sessions, shelf, pace: DEFAULT_PACE });
  const benchOf = ({ schools }: (typeof tools)[number]) =>
    benchAt({ spot: 'bench', trip: null, now: '', shelf, schools, hand });
  return tools.flatMap((tool) => {
    const all = zoneStates({ tools, sessions, inspections });
    const states = all.filter((state) => state.tool.id === tool.id);
    return edgeNeeds({ states, sessions, benchOf });
  }).length;
}

const oneWalkMs = millisecondsEach(
  () => standings({ tools, shelf, sessions, inspections, settings }),
  5,
);
const eachMs = millisecondsEach(eachToolForItself, 1);
console.log('\nStandings of 40 tools by 10 000 sessions');
console.log(`  one walk over the log                 ${oneWalkMs.toFixed(0)} ms`);
console.log(`  a walk for every tool                 ${eachMs.toFixed(0)} ms`);
console.log(`  ratio                                 ${(eachMs / oneWalkMs).toFixed(0)} times`);

const rows = logRows(sessions, tools, []);
const searchMs = millisecondsEach(
  () => findRows(rows, { ...NO_FILTER, tool: '', words: 'gorse' }),
  20,
);
const joinMs = millisecondsEach(
  () => rows.filter((row) => Object.values(row).join(' ').toLowerCase().includes('gorse')),
  5,
);
console.log('\nA search in 10 000 entries');
console.log(`  words put together once               ${searchMs.toFixed(1)} ms`);
console.log(`  words put together at every key       ${joinMs.toFixed(1)} ms`);
console.log(`  ratio                                 ${(joinMs / searchMs).toFixed(0)} times`);

const text = writeBundle(records, '2026-11-23T08:00:00.000Z');
const readMs = millisecondsEach(() => readBundle(text), 1);
const parseMs = millisecondsEach(() => JSON.parse(text) as unknown, 1);
console.log(
  `\nReading a data file of ${(text.length / 1e6).toFixed(0)} MB, checked record by record`,
);
console.log(
  `  read and checked                      ${(text.length / 1e3 / readMs).toFixed(1)} MB/s`,
);
console.log(
  `  parsed alone                          ${(text.length / 1e3 / parseMs).toFixed(1)} MB/s`,
);
