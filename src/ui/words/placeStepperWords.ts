/** A place along an edge, told by taps. */
export const placeStepper = {
  heel: 'heel',
  tip: 'tip',
  nearer: (by: string) => `${by} nearer to the heel`,
  farther: (by: string) => `${by} nearer to the tip`,
};
