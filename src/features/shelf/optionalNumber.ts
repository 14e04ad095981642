/** What a number field that may stay empty holds: null then. */
export const optionalNumber = {
  setValueAs: (value: string | number | null) =>
    value === '' || value === null || Number.isNaN(Number(value)) ? null : Number(value),
};
