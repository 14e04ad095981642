export { schoolCosts, type SchoolCost } from './schoolCosts';
