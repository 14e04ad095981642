export { readLog } from './readLog';
export { writeLog } from './writeLog';
