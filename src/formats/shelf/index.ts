export { COLUMN_KEYS, columnTitle, guessMapping, type ColumnMapping } from './columns';
export { readShelf, type ReadThing } from './readShelf';
export { writeShelf, type ShelfThings } from './writeShelf';
