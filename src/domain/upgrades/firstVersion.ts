/** The first version of the records that anybody has files of. */
export const FIRST_VERSION = 8;
