/** The levels of a chart: a hair line across at each, and its label at the left of it. */
export function LevelTicks(props: {
  ticks: readonly { y: number; label: string }[];
  from: number;
  to: number;
}) {
  const { ticks, from, to } = props;
  return ticks.map(({ y, label }) => (
    <g key={label}>
      <line x1={from} x2={to} y1={y} y2={y} stroke="var(--rule)" strokeWidth={0.6} />
      <text x={from - 6} y={y + 4} textAnchor="end">
        {label}
      </text>
    </g>
  ));
}
