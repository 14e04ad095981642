export { particleSizeUm, isTradeValue } from './particleSize';
export { equivalentGrades } from './equivalentGrades';
export { gradeSizeUm } from './gradeSize';
export { soakMl } from './soak';
export { stoneClass, type StoneClass } from './stoneClass';
export { stoneDensity } from './stoneDensity';
