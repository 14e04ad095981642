export { momentIn, numberIn, plainHeading, unescaped } from './cells';
export { readTable, type Table } from './table';
export { writeTable } from './writeTable';
