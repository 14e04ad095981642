export { COLUMN_KEYS, columnTitle, guessMapping, type ColumnMapping } from './columns';
export { readShelf, type ReadThing } from './readShelf';
export { readTable, type Table } from './table';
export { writeShelf, type ShelfThings } from './writeShelf';
