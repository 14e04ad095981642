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
export { gramsFromApex, apexFromGrams } from './grams';
export { estimateApex, TEST_CENTRE_UM, type ApexEstimate, type TestReading } from './estimateApex';
export { KEEN_UP_TO, passedTest } from './keen';
