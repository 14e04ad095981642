export {
  careGroupKey,
  careGroups,
  careOrders,
  type CareGroup,
  type DoneTogether,
} from './careGroups';
export { USUAL_EVERY, type CareRow } from './careRow';
export { careAfterTrip, careBeforeTrip, careRows } from './careRows';
export { spineUse } from './spineUse';
export { SHINY_FROM, STROP_AGES, stropAge, type StropAge } from './stropAge';
