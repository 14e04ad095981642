export { edgeState, edgeWord, worstStretch, type EdgeState, type EdgeWord } from './edgeState';
export { edgeNeeds, worstWord, zoneStates, type EdgeNeed, type ZoneState } from './edgeNeeds';
