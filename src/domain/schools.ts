/**
 * Questions on which good people disagree. Each tool's keeper picks an answer; the first one is the
 * usual choice. The plan, the words and the numbers follow.
 */
export const SCHOOLS = {
  drift: ['regrind flat', 'let it drift'],
  finish: ['by task', 'toothy', 'polished'],
  pressure: ['firm, then lighter', 'light throughout'],
  stropPressure: ['light', 'own weight', 'firm'],
  stropAngle: ['at the bevel', 'a little below'],
  counting: ['count strokes', 'by feel'],
  moves: ['by tool', 'the tool on the stone', 'the stone over a clamped tool'],
  motion: ['by tool', 'edge leading', 'edge trailing', 'back and forth', 'circles'],
  tip: ['lift the handle', 'keep the wrist flat'],
  burr: ['alternate light strokes', 'shear it off', 'strop it off'],
  burrWhen: ['at every grit', 'once at the end'],
  gritSteps: ['two to four times', 'many close', 'few'],
  profile: ['micro-bevel, thin when due', 'thin at every touch-up'],
  scratches: ['scratches are fine', 'unscratched'],
  lubricant: ['by stone', 'water', 'oil or fat', 'dry'],
  stropAtEnd: ['by tool', 'always', 'only when needed'],
} as const;

export type SchoolQuestion = keyof typeof SCHOOLS;
export const SCHOOL_QUESTIONS = Object.keys(SCHOOLS) as SchoolQuestion[];

export type Schools = { [Q in SchoolQuestion]: (typeof SCHOOLS)[Q][number] };

/** The usual answer to every question. */
export const USUAL_SCHOOLS = Object.fromEntries(
  SCHOOL_QUESTIONS.map((question) => [question, SCHOOLS[question][0]]),
) as unknown as Schools;
