import type { EdgeForecast, RungOut } from '../../core';

/** A chance as people say it: eight times in ten. */
export function chanceWords(chance: number): string {
  if (chance >= 0.97) return 'nearly always';
  const tens = Math.round(chance * 10);
  if (tens === 0) return 'hardly ever';
  return `${NUMBERS[tens]} ${tens === 1 ? 'time' : 'times'} in ten`;
}

const NUMBERS = [
  'no',
  'one',
  'two',
  'three',
  'four',
  'five',
  'six',
  'seven',
  'eight',
  'nine',
  'ten',
];

const WANTS: Record<RungOut, string> = { strop: 'the strop', stone: 'a stone', file: 'the file' };

/** The message of an edge's days: what it will want, when, and how surely. */
export function edgeTitle(
  name: string,
  { days }: EdgeForecast,
  dayName: (day: number) => string,
): string {
  const all = days.flatMap((day) =>
    (['file', 'stone', 'strop'] as const).map((rung) => ({
      day: day.day,
      rung,
      chance: Math.max(day.eveningWork[rung], day.midJob[rung]),
    })),
  );
  const found = (['file', 'stone', 'strop'] as const)
    .map((rung) => all.filter((each) => each.rung === rung).sort((a, b) => b.chance - a.chance)[0]!)
    .find(({ chance }) => chance >= 0.3);
  if (!found) return `${name} comes through as it is`;
  return `${name} wants ${WANTS[found.rung]} on ${dayName(found.day)}, ${chanceWords(found.chance)}`;
}
