export { edgeState, edgeWord, worstStretch, type EdgeState, type EdgeWord } from './edgeState';
export { planEdge } from './planEdge';
export { edgeNeeds, worstWord, zoneStates, type EdgeNeed, type ZoneState } from './edgeNeeds';
