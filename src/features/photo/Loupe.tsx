import type { PhotoPoint } from '../../core';
import { photoWords as say } from '../../ui/words/photoWords';
import { ENLARGED } from './onPhoto';
import { Line, Plate } from './PhotoMarks';
import type { Picture } from './picture';

/** How large the loupe is, as a share of the photo's width. */
const LOUPE_SHARE = 0.16;

/** What lies under the point last set, enlarged, in the far corner, with a bar of millimetres once there is a scale. */
export function Loupe(props: { picture: Picture; at: PhotoPoint; pxPerMm: number | null }) {
  const { picture, at, pxPerMm } = props;
  const { width, height, url } = picture;
  const isFine = pxPerMm !== null && ENLARGED * pxPerMm > 0.05 * width;
  const barPx = pxPerMm === null ? 0 : ENLARGED * pxPerMm * (isFine ? 1 : 5);
  const r = LOUPE_SHARE * width;
  const cx = at.x > width / 2 ? r + 8 : width - r - 8;
  const cy = r + 8;
  return (
    <g pointerEvents="none">
      <clipPath id="loupe">
        <circle cx={cx} cy={cy} r={r} />
      </clipPath>
      <g clipPath="url(#loupe)">
        <rect x={cx - r} y={cy - r} width={2 * r} height={2 * r} fill="#222" />
        <image
          href={url}
          x={cx - ENLARGED * at.x}
          y={cy - ENLARGED * at.y}
          width={ENLARGED * width}
          height={ENLARGED * height}
        />
      </g>
      <circle cx={cx} cy={cy} r={r} fill="none" stroke="#111" strokeWidth={0.004 * width} />
      <path
        d={`M${cx - r},${cy}h${2 * r}M${cx},${cy - r}v${2 * r}`}
        stroke="#fff"
        strokeWidth={0.003 * width}
      />
      <path
        d={`M${cx - r},${cy}h${2 * r}M${cx},${cy - r}v${2 * r}`}
        stroke="#111"
        strokeWidth={0.0012 * width}
      />
      {barPx > 0 && (
        <>
          <Line
            points={[
              { x: cx - barPx / 2, y: cy + 0.62 * r },
              { x: cx + barPx / 2, y: cy + 0.62 * r },
            ]}
            r={0.1 * r}
          />
          <Plate
            at={{ x: cx, y: cy + 0.62 * r }}
            words={isFine ? say.one : say.five}
            width={width}
          />
        </>
      )}
    </g>
  );
}
