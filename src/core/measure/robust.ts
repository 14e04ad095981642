import { median } from 'd3-array';

/** The scatter of a normal quantity whose median is off by so much half of the time. */
const MAD_TO_SD = 1.4826;

/** Median, median absolute deviation, and scatter as a standard deviation by it: a jolt does not move them. */
export function robust(values: readonly number[]): {
  median: number;
  mad: number;
  sd: number;
} {
  const middle = median(values) ?? NaN;
  const mad = median(values, (value) => Math.abs(value - middle)) ?? NaN;
  return { median: middle, mad, sd: MAD_TO_SD * mad };
}
