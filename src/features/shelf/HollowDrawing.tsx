import { shelfWords as say } from './words';
import { dishAngleError } from '../../core/edge';
import { fineMm, mm } from '../../ui/format';

const WIDTH = 300;
const BASE = 62;

/**
 * What a hollow stone or a sagging strop does to the angle, drawn: its surface from the side, the blade
 * at both ends, and by how much the angle swings. The depth is drawn larger than it is, and says so.
 */
export function HollowDrawing(props: {
  sagMm: number;
  lengthMm: number;
  kind: 'hollow stone' | 'sagging strop';
}) {
  const { sagMm, lengthMm, kind } = props;
  if (!(sagMm > 0) || !(lengthMm > 0)) return null;
  const angleDeg = dishAngleError({ sagMm, lengthMm });
  const pxPerMm = WIDTH / lengthMm;
  const larger = Math.max(1, Math.min(20, 26 / (sagMm * pxPerMm)));
  const depth = sagMm * pxPerMm * larger;
  const tilt = Math.min(24, angleDeg * larger);
  const words =
    kind === 'hollow stone'
      ? say.theEdgeMeetsItSteeper(angleDeg)
      : say.theStropComesUpSteeper(angleDeg);
  return (
    <figure className="max-w-md">
      <svg
        viewBox={`-24 0 ${WIDTH + 48} 106`}
        className="block w-full"
        role="img"
        aria-label={say.drawnTimesAsDeep(words, Math.round(larger))}
      >
        <path
          d={`M0,${BASE}Q${WIDTH / 2},${BASE + 2 * depth} ${WIDTH},${BASE}${kind === 'hollow stone' ? `V${BASE + 34}H0Z` : ''}`}
          fill={kind === 'hollow stone' ? 'var(--rule)' : 'none'}
          stroke="var(--ink)"
          strokeWidth={kind === 'hollow stone' ? 1.2 : 4}
        />
        <line x1={0} x2={WIDTH} y1={BASE} y2={BASE} stroke="var(--soft)" strokeDasharray="5 4" />
        {[0.08, 0.92].map((share) => (
          <g
            key={share}
            transform={`translate(${share * WIDTH},${BASE + (1 - (2 * share - 1) ** 2) * depth}) rotate(${share < 0.5 ? tilt : -tilt})`}
          >
            <path d="M0,0L-34,-16L-34,-22L-4,-10Z" fill="var(--steel)" stroke="var(--ink)" />
          </g>
        ))}
        <text x={WIDTH / 2} y={BASE - 8} textAnchor="middle" fontSize={13} fill="var(--ink)">
          {say.hollowOver(kind === 'hollow stone' ? fineMm(sagMm) : mm(sagMm), lengthMm)}
        </text>
      </svg>
      <figcaption className="text-[0.95rem]">
        {words} <span className="text-soft">{say.depthDrawnTimes(Math.round(larger))}</span>
      </figcaption>
    </figure>
  );
}
