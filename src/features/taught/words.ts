import * as format from '../../ui/format';
import { plural } from '../../ui/words/plural';

/** What these screens say. */
export const taughtWords = {
  theTakesMoreStrokes: (name: string, percent: string) =>
    `the ${name} takes ${percent} more strokes`,
  theFewer: (name: string, percent: string) => `the ${name} ${percent} fewer`,
  strokesInYourHand: (comparisons: string) => `In your hand ${comparisons} than the model plans`,
  handAsPlanned: 'Your hand does what the model plans',
  yourLogHasTaughtLittle:
    'Your log has taught little yet: three touch-ups with one stone are enough',
  fromItsLike: 'its like, none of its own',
  noneYet: 'none yet',
  oneStep: 'One step',
  spreadOfLooks: (signSpread: string, testSpread: string) =>
    `its looks (a burr, ink, a test, its end) say from how many strokes on it was done: a sign to ±${signSpread}, a test to ±${testSpread}, all in ln`,
  spreadByAndByTwice: (sd: string) =>
    `spread by ${sd}, and by twice what was unsure of the edge before it`,
  familiesAndThingsTogether: 'Families and things together',
  spreadOfFamilies: (familySpread: string, thingSpread: string) =>
    `a family’s strokes over the model’s: 0 ± ${familySpread} before anything is known; each thing’s around its family’s: ± ${thingSpread}`,
  bothAtOnce: (sd: string) => `both from all steps at once; a thing is never surer than ±${sd}`,
  against: 'Against',
  whatTheModelAloneHad: 'what the model alone had counted, kept with the step when it was planned',
  beforeDoesNotShift: 'what was learned before does not shift what is learned next',
  notCounted: 'Not counted',
  stepsWithoutAnyLookLeft:
    'steps without any look, left out, begun untested or sharp; usual counts, deburring, closing strops',
  drawnAsCrosses: 'drawn as crosses',
  forgottenWhatComesFromNow: (name: string) =>
    `Forgotten: ${name}. What comes from now on teaches again.`,
  undo: 'Undo',
  pace: 'Pace',
  forgetThePace: 'Forget the pace',
  yourPace: 'your pace',
  forget: 'Forget',
  hold: 'Hold',
  yourHold: 'your hold',
  forgetTheHold: 'Forget the hold',
  yourHandWobblesBy: (angleDeg: number) => `Your hand wobbles by ${format.deg(angleDeg)}`,
  yourHoldIsNotKnown: 'Your hold is not known yet',
  freehand: 'Wobble, freehand',
  onTheBevel: 'Wobble, on the bevel',
  hands: { left: 'Left hand', right: 'Right hand' },
  handIs: (wobbleDeg: number, lean: string) => `wobble ${format.deg(wobbleDeg)}, ${lean}`,
  backStrokes: 'Back strokes',
  notTold: 'not told',
  steeperBy: (size: string) => `steeper by ${size}`,
  flatterBy: (size: string) => `flatter by ${size}`,
  fromSets: (sets: string) =>
    `From ${sets} on a lath, the newest most. Plans, forecast, lift and lab take it, as far as your counted steps leave it open.`,
  practiseIt: 'A phone on a lath tells it.',
  toTheCoach: 'To the hold coach',
  paceChartLegend: 'Strokes a minute, turning the tool over included; dashed is what you have set.',
  yourPaceIsNotKnown: 'Your pace is not known yet',
  yourGoAtThePace: (spoken: string) => `Your ${spoken} go at the pace you set`,
  paceAgainstSet: (motion: string, percent: number, comparison: string) =>
    `Your ${motion} are ${percent} % ${comparison} than set`,
  teachesMostNext: 'Teaches most next',
  teachesMostNextThe: (name: string) => `Teaches most next: the ${name}`,
  oneMoreSessionNarrows: (spread: string, toolName: string, spreadAfter: string) =>
    `It stands at ${spread}; one more session on ${toolName} makes that ${spreadAfter}.`,
  start: (minutes: number) => `Start, ${format.minutes(minutes)}`,
  none: 'none',
  whatYourLogHasTaught: (finished: number) =>
    `What your log has taught it, from ${plural(finished, 'session')}. Every plan, rack minute, verdict, kit and price of a school uses these figures.`,
  whatHandDoesInLab: 'See in the lab what a hand does',
  backToTheLog: 'Back to the log',
  allOfIt: 'all of it',
  forgetAllOfIt: 'Forget all of it',
  strokesByThing: 'Strokes by thing',
  whatWedgeShows: (stepsDrawn: number) =>
    `The wedge is where two in three fall, after each of your latest ${stepsDrawn} steps from left to right; a ring is one step, a cross one that nobody looked at, or that says nothing of its strokes; dashed is the plan, the lines beyond it half and twice.`,
  n100PlannedBecome: '100 planned become',
  lastSteps: (steps: number, percent: number) => `last ${steps}: ${percent}`,
  forgetAll: (name: string) => `Forget ${name}`,
  quicker: 'quicker',
  slower: 'slower',
};
