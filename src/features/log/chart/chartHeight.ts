/** Heights of the chosen tool's row and of the others (px). */
export const TALL = 132;
export const LOW = 46;
/** So many tools have a row until all are asked for. */
export const FIRST_ROWS = 6;
/** The signs above, the axis with its brush, and the line below (px). */
const AROUND = 160;

/** The height of the chart for so many tools (px), so that nothing moves when it comes. */
export function chartHeight(tools: number): number {
  return tools === 0 ? 0 : TALL + (Math.min(tools, FIRST_ROWS) - 1) * LOW + AROUND;
}
