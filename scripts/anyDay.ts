import { spawnSync } from 'node:child_process';
import { DAYS } from '../e2e/days';

/** Runs what depends on the date on every stated day, on what `npm run build` has built for the sample. */

const UNIT = ['data', 'formats', 'domain', 'care', 'trip', 'log', 'rack', 'answers', 'live'];
const JOURNEYS = ['anyDay', 'onTrip', 'care', 'log', 'logChart', 'trip'];

const chosen = DAYS.filter(({ why }) => why.includes(process.argv[2] ?? ''));
const broken = chosen.flatMap(({ why, day, zone }) => {
  console.log(`\n— ${why}: ${day} in ${zone}`);
  const env = { ...process.env, STATED_DAY: day, STATED_ZONE: zone };
  const run = (...words: string[]): boolean =>
    spawnSync('npx', words, { stdio: 'inherit', env }).status === 0;
  const unit = run('jest', ...UNIT.map((folder) => `/${folder}/`));
  const browser = run('playwright', 'test', ...JOURNEYS.map((name) => `e2e/${name}.spec`));
  return unit && browser ? [] : [why];
});

console.log(`\n${chosen.length - broken.length} of ${chosen.length} days in order`);
if (broken.length > 0) {
  console.log(`Not in order: ${broken.join('; ')}`);
  process.exit(1);
}
