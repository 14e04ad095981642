export { finishRadiusUm, stroppedRadiusUm, type BurrState } from './finishRadius';
export {
  bestStropStrokes,
  stropRadiusUm,
  stropRates,
  type StropConditions,
  type StropStart,
} from './stropCurve';
export { gramsFromApex, apexFromGrams } from './grams';
export { estimateApex, TEST_CENTRE_UM, type ApexEstimate, type TestReading } from './estimateApex';
