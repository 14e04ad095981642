export { particleSizeUm, isTradeValue, COARSEST_UM, FINEST_UM, type Grade } from './particleSize';
export { equivalentGrades, type EquivalentGrade } from './equivalentGrades';
export { gradeSizeUm } from './gradeSize';
