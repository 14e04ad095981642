/** The widths of a facet (mm) that a record holds. */
export const FACET_WIDTH_MM = { least: 0.01, most: 20 } as const;

/** The thicknesses of a shoulder (mm) that a record holds. */
export const SHOULDER_MM = { least: 0.1, most: 30 } as const;
