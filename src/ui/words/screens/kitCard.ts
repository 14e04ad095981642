/** What these screens say. */
export const kitCardWords = {
  edgesAndPacking: 'Edges and packing',
  asPromisedOnLeaving: 'as promised on leaving',
  notTested: 'not tested',
  perSideReadBack: (placeMm: string) => `per side, read ${placeMm} back`,
  perSide: 'per side',
  noImpactsHere: 'No impacts here.',
  takeTheNextOneTouch: 'take the next one, touch up in the evening',
  leaveItForHome: 'leave it, for home',
  leaveIt: 'leave it',
  mustNotBeUsed: (listed: string) => ` ${listed} must not be used.`,
  crackOrLooseHeadStop: (value: string) => `Crack or loose head: stop.${value}`,
  firmSeatGoodLightNobody:
    'Firm seat, good light, nobody in reach, dressing at hand. Glove on the holding hand; fingers',
  belowAndBehindTheFace:
    'below and behind the face. Strop on a board. Wipe from spine toward edge. Never catch a tool.',
  theNumberIsStrokesOn:
    'The number is strokes on each side: guesses, half to double; stop when the sign is there.',
  coinToolsEachToIts: (fineMm: string) => `Coin ${fineMm}. Tools each to its own scale.`,
  then: ', then ',
  watch: 'Watch',
  chooseAKitAndPack: 'Choose a kit and pack it: it is listed here.',
  wedgesTrueAngle: 'Wedges, true angle',
  fieldCard: (name: string) => `Field card, ${name}`,
  whoseCard: 'Whose card',
  twoSidesOnASheet: 'two sides on a sheet of A4',
  printTheCard: 'Print the card',
  backToTheKit: 'Back to the kit',
  sideAsSvg: (value: number) => `Side ${value} as SVG`,
  fieldCard2: 'Field card',
  itBelongsToATrip: 'It belongs to a trip.',
  planOne: 'Plan one',
};
