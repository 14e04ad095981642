import * as format from '../../../ui/format';

/** What these screens say. */
export const kitCardWords = {
  edgesAndPacking: 'Edges and packing',
  asPromisedOnLeaving: 'as promised on leaving',
  notTested: 'not tested',
  perSideReadBack: (leverMm: number) => `per side, read ${format.placeMm(leverMm)} back`,
  perSide: 'per side',
  noImpactsHere: 'No impacts here.',
  takeTheNextOneTouch: 'take the next one, touch up in the evening',
  leaveItForHome: 'leave it, for home',
  leaveIt: 'leave it',
  mustNotBeUsed: (names: readonly string[]) => ` ${format.listed(names)} must not be used.`,
  crackOrLooseHeadStop: (stopped: string) => `Crack or loose head: stop.${stopped}`,
  firmSeatGoodLightNobody:
    'Firm seat, good light, nobody in reach, dressing at hand. Glove on the holding hand; fingers',
  belowAndBehindTheFace:
    'below and behind the face. Strop on a board. Wipe from spine toward edge. Never catch a tool.',
  whatStrokesMean:
    'The number is strokes on each side: guesses, half to double; stop when the sign is there.',
  coinAndScale: (coinThicknessMm: number) =>
    `Coin ${format.fineMm(coinThicknessMm)}. Tools each to its own scale.`,
  then: ', then ',
  watchFor: (what: string) => `Watch: ${what}`,
  watch: 'Watch',
  chooseAKitAndPack: 'Choose a kit and pack it: it is listed here.',
  wedgesTrueAngle: 'Wedges, true angle',
  fieldCard: (name: string) => `Field card, ${name}`,
  whoseCard: 'Whose card',
  twoSidesOnASheet: 'two sides on a sheet of A4',
  printTheCard: 'Print the card',
  backToTheKit: 'Back to the kit',
  sideAsSvg: (side: number) => `Side ${side} as SVG`,
  fieldCardHeading: 'Field card',
  itBelongsToATrip: 'It belongs to a trip.',
  planOne: 'Plan one',
  atAngle: (angleDeg: number) => `at ${format.deg(angleDeg)}`,
  everybody: 'everybody',
  side: (side: number) => `side ${side}`,
  fromTo: (from: string, to: string) => `${from} to ${to}`,
};
