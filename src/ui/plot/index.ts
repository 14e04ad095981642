/** Charts: a ground with two scales, its axes, and what stands on them. A chart is a description made of these. */
export { Plot, type Frame } from './Plot';
export { apart, AxisLines, FootAxis, LevelAxis, ticksAt, ticksOf } from './axes';
export { Band, Course, Label, Level, Reading } from './marks';
export { Grip } from './Grip';
export { Bar, Columns, RangeBar } from './bars';
