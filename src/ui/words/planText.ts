/** A plan as a message: its few words beside the figures. */
export const planText = {
  heading: (edge: string, time: string) => `${edge}: about ${time}`,
  step: (number: number, thing: string) => `${number}. ${thing}`,
  strokes: (count: string) => `about ${count} strokes a side`,
  perSide: (angle: string) => `${angle} per side`,
  until: (sign: string) => `until ${sign}`,
};
