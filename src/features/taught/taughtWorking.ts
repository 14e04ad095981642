import { PRIORS } from '../../core';
import { rounded } from '../../ui/format';

const sd = (name: keyof typeof PRIORS): string => rounded(PRIORS[name].value, 2);

/** How what is learned follows, with the figures of the model's own table. */
export function taughtWorking() {
  return [
    {
      what: 'One step',
      formula: `its looks (a burr, ink, a test, its end) say from how many strokes on it was done: a sign to ±${sd('signSdLn')}, a test to ±${sd('testYesSdLn')}, all in ln`,
      answer: `spread by ${sd('stepSdLn')}, and by twice what was unsure of the edge before it`,
    },
    {
      what: 'Families and things together',
      formula: `a family’s strokes over the model’s: 0 ± ${sd('familySdLn')} before anything is known; each thing’s around its family’s: ± ${sd('thingSdLn')}`,
      answer: `both from all steps at once; a thing is never surer than ±${sd('thingFloorSdLn')}`,
    },
    {
      what: 'Against',
      formula: 'what the model alone had counted, kept with the step when it was planned',
      answer: 'what was learned before does not shift what is learned next',
    },
    {
      what: 'Not counted',
      formula:
        'steps without any look, left out, begun untested or sharp; usual counts, deburring, closing strops',
      answer: 'drawn as crosses',
    },
  ];
}
