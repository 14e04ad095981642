/** Version of the records' shapes: of the database and of the data file alike. It stands apart: who opens the database needs no schemas. */
export const RECORDS_VERSION = 15;
