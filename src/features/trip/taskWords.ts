import { countedUnits } from '../../ui/words/counted';
import { spokenText } from '../../ui/words/closedWords';
import { tripWords as say } from './words';
import type { TripWork } from '../../domain/trip';
import type { TripTask } from '../../domain/tripTasks';

/** Hours as they are painted: 2, ½, 1½; of what is counted by number to a tenth. */
export function hoursWords(hours: number): string {
  if ((2 * hours) % 1 !== 0) return String(Math.round(10 * hours) / 10);
  const whole = Math.floor(hours);
  return `${whole > 0 || hours < 0.5 ? whole : ''}${hours - whole >= 0.5 ? '½' : ''}`;
}

export function taskName(tasks: readonly TripTask[], id: string): string {
  const task = tasks.find((own) => own.id === id);
  return task ? spokenText(task.name) : say.workOfAnotherList;
}

/** One job in a cell: brush 3; or by number: chop 2 (4 posts). */
export function jobWords(tasks: readonly TripTask[], { taskId, hours, counted }: TripWork): string {
  const unit = tasks.find(({ id }) => id === taskId)?.counted?.unit;
  const words = `${taskName(tasks, taskId)} ${hoursWords(hours)}`;
  return counted && unit ? `${words} (${countedUnits(counted.amount, unit)})` : words;
}
