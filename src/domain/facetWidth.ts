/** The widths of a facet (mm) that a record holds. */
export const FACET_WIDTH_MM = { least: 0.01, most: 20 } as const;
