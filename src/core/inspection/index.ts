export { edgeState, edgeWord, worstStretch, type EdgeState, type EdgeWord } from './edgeState';
