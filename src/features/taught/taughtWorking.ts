import { taughtWords as say } from './words';
import { PRIORS } from '../../core/priors';
import { rounded } from '../../ui/format';

const sd = (name: keyof typeof PRIORS): string => rounded(PRIORS[name].value, 2);

/** How what is learned follows, with the figures of the model's own table. */
export function taughtWorking() {
  return [
    {
      what: say.oneStep,
      formula: say.spreadOfLooks(sd('signSdLn'), sd('testYesSdLn')),
      answer: say.spreadByAndByTwice(sd('stepSdLn')),
    },
    {
      what: say.familiesAndThingsTogether,
      formula: say.spreadOfFamilies(sd('familySdLn'), sd('thingSdLn')),
      answer: say.bothAtOnce(sd('thingFloorSdLn')),
    },
    {
      what: say.against,
      formula: say.whatTheModelAloneHad,
      answer: say.beforeDoesNotShift,
    },
    {
      what: say.notCounted,
      formula: say.stepsWithoutAnyLookLeft,
      answer: say.drawnAsCrosses,
    },
  ];
}
