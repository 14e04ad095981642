const WIDE_MM = 8;
const PX_PER_MM = 8;
const STEEL_MM = 2.6;
const COIN_MM = 2.4;

/** A chip of a depth beside the edge of a coin, eight times as large as it is. */
export function ChipBesideCoin({ depthMm, coinMm }: { depthMm: number; coinMm: number }) {
  const px = (mm: number): number => mm * PX_PER_MM;
  const [width, foot] = [px(WIDE_MM), px(STEEL_MM)];
  const chip = px(Math.min(depthMm, STEEL_MM - 0.3));
  return (
    <svg width={width} height={foot + 2} aria-hidden className="block">
      <path
        d={`M0,0H${width}V${foot}H${0.68 * width + chip * 0.8}L${0.68 * width},${foot - chip}L${0.68 * width - chip * 0.8},${foot}H0Z`}
        fill="var(--steel)"
        stroke="var(--ink)"
        strokeWidth={1.2}
      />
      <rect
        x={px(0.7)}
        y={foot - px(COIN_MM)}
        width={px(coinMm)}
        height={px(COIN_MM)}
        fill="var(--lit)"
        stroke="var(--ink)"
      />
    </svg>
  );
}
