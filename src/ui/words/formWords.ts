import type { ToolForm } from '../../domain/kinds';

/** What is called otherwise on tools of one form. */
export const FORM_WORDS: Record<
  ToolForm,
  { width: string; ends: readonly [heel: string, tip: string] }
> = {
  knife: { width: 'Blade width', ends: ['heel, plunge line', 'tip'] },
  axe: { width: 'Bit to eye', ends: ['heel', 'toe'] },
  machete: { width: 'Blade width', ends: ['heel', 'tip'] },
};
