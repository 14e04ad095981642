/** What these screens say. */
export const uiFormsWords = {
  mustBeFromTo: (min: number, max: number) => `Must be from ${min} to ${max}`,
  mustBeFromTo2: (value: number, value2: number) => `Must be from ${value} to ${value2}`,
  perSide2: (deg: string) => `per side ${deg}`,
  typeIt: (value: string) => `type it ${value}`,
  mustBeFromTo3: (min: number, max: number) => `must be from ${min} to ${max}`,
  itsHandle: 'Its handle',
  itsOwn: 'its own',
  sAnotherBladeOfIt: (name: string) => `${name}’s: another blade of it`,
  inclusive: (deg: string) => `inclusive ${deg}`,
};
