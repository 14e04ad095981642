import type { HoldGuide } from '../../../core';
import { LIFT, liftShape } from './liftShape';

/** How an angle is held, at its true angle: the blade with the coins under its spine, or the stone over it. */
export function LiftDrawing({ hold, angleDeg }: { hold: HoldGuide; angleDeg: number }) {
  const { path, weight, coins } = liftShape(hold, angleDeg);
  return (
    <svg width={LIFT.width} height={LIFT.height} aria-hidden className="ml-auto shrink-0">
      <path d={`M0,${LIFT.base}H${LIFT.width}`} stroke="currentColor" strokeWidth={2.5} />
      {coins.map((coin) => (
        <rect
          key={coin.y}
          {...coin}
          fill="var(--color-base-100)"
          stroke="currentColor"
          strokeWidth={0.8}
        />
      ))}
      <path d={path} stroke="currentColor" strokeWidth={weight} />
    </svg>
  );
}
