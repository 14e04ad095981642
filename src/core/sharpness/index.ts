export { FINISH_NAMES, finishName, type FinishName } from './finishName';
export { finishRadiusUm, sizeForFinishUm, stroppedRadiusUm, type BurrState } from './finishRadius';
export {
  bestStropStrokes,
  dulledEdge,
  stroppedEdge,
  stropRadiusUm,
  stropRates,
  type StropRates,
  type StropStart,
} from './stropCurve';
export { apexFromGrams, gramsFromApex, gramsOf, readingApexUm, readingNoiseG } from './grams';
export {
  asUsualGrams,
  byUsualTester,
  fitTester,
  gramsAt,
  USUAL_TESTER,
  type GramsPair,
  type TesterScale,
} from './tester';
export { TEST_CENTRE_UM } from './testCentres';
export { estimateApex, testReading, type ApexEstimate } from './estimateApex';
export { seenApex, worstStretch } from './seenApex';
export { KEEN_UP_TO, passedTest, upperEdgeUm, WORKS_UP_TO } from './keen';
export { analyseStropSeries, stropGrams, type StropReading, type StropSeries } from './stropSeries';
