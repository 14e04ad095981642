import * as format from '../format';

/** What these screens say. */
export const uiFormsWords = {
  mustBeFromTo: (min: number, max: number) => `Must be from ${min} to ${max}`,
  angleMustBeFromTo: (minDeg: number, maxDeg: number) => `Must be from ${minDeg} to ${maxDeg}`,
  perSideAngle: (valueDeg: number) => `per side ${format.deg(valueDeg)}`,
  typeItAs: (way: string) => `type it ${way}`,
  measureMustBeFromTo: (min: number, max: number) => `must be from ${min} to ${max}`,
  itsHandle: 'Its handle',
  itsOwn: 'its own',
  sAnotherBladeOfIt: (name: string) => `${name}’s: another blade of it`,
  inclusive: (valueDeg: number) => `inclusive ${format.deg(valueDeg)}`,
};
