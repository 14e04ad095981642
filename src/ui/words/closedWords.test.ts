import { ABRASIVE_FAMILIES } from '../../domain/families';
import { KINDS, TOOL_KINDS } from '../../domain/kinds';
import { TASKS } from '../../domain/tasks';
import { TRIP_TASKS } from '../../domain/tripTasks';
import { USUAL_THINGS } from '../../domain/usualThings';
import { CLOSED_NAMES } from './closedNames';
import { CLOSED_WORDS, spoken, spokenText } from './closedWords';

it('says a word of a closed list, and a person’s own text as it stands', () => {
  expect(spoken('base-camp')).toBe('base camp');
  expect(spokenText('water-stone')).toBe('water stone');
  for (const own of ['Wren-2', 'peel cork bark', '', 'constructor', 'toString', '__proto__']) {
    expect(spokenText(own)).toBe(own);
  }
});

it('lists every name that the domain gives', () => {
  const given = [
    ...TOOL_KINDS.map((kind) => KINDS[kind].name),
    ...TASKS.map(({ name }) => name),
    ...TRIP_TASKS.flatMap(({ name, counted }) => [name, ...(counted ? [counted.unit] : [])]),
    ...USUAL_THINGS.map(({ name }) => name),
    ...ABRASIVE_FAMILIES,
  ];
  const listed = { ...CLOSED_WORDS, ...CLOSED_NAMES };
  expect(given.filter((name) => !Object.hasOwn(listed, name))).toEqual([]);
});
