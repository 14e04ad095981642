import type { LeftDamage } from '../../core/jobs';
import { minutes } from '../format';

/** Where damage that is left for now would be mended: at home with the mill file, 4 min. */
export function leftDamageWords({ name, minutes: takes, atHome }: LeftDamage): string {
  return `${atHome ? 'at home ' : ''}with the ${name}, ${minutes(takes)}`;
}
