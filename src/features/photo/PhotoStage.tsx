import type { KeyboardEvent, PointerEvent } from 'react';
import type { PhotoPoint, Rim } from '../../core';
import { photoWords as say } from '../../ui/words/photoWords';
import type { Picture } from './madeUpPhoto';
import { MARKS, type Mark, type Marks } from './photoMeasures';

/** How large marks and loupe are on the screen, as shares of the photo's width. */
const MARK_SHARE = 0.011;
const LOUPE_SHARE = 0.16;
const ENLARGED = 4;
const FAR_PX = 10;

/** The photo with its marks, dark in a light casing, and a loupe over the point last tapped, in the far corner. */
export function PhotoStage(props: {
  picture: Picture;
  marks: Marks;
  mark: Mark;
  rim: Rim | null;
  onTap: (point: PhotoPoint) => void;
  onMove: (by: PhotoPoint) => void;
}) {
  const { picture, marks, mark, rim, onTap, onMove } = props;
  const { width, height, url } = picture;
  const last = marks[mark].at(-1);
  const tap = (event: PointerEvent<SVGSVGElement>): void => {
    const matrix = event.currentTarget.getScreenCTM();
    if (!matrix) return;
    const at = new DOMPoint(event.clientX, event.clientY).matrixTransform(matrix.inverse());
    onTap({ x: at.x, y: at.y });
  };
  const key = (event: KeyboardEvent): void => {
    const by = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }[
      event.key
    ];
    if (!by) return;
    event.preventDefault();
    const px = event.shiftKey ? FAR_PX : 1;
    onMove({ x: px * by[0]!, y: px * by[1]! });
  };
  return (
    <div role="application" aria-label={say.stage} tabIndex={0} onKeyDown={key}>
      <svg
        viewBox={`0 0 ${width} ${height}`}
        className="block w-full cursor-crosshair touch-manipulation"
        data-testid="photo"
        onPointerUp={tap}
        aria-hidden
      >
        <image href={url} width={width} height={height} />
        {rim && <RimLine rim={rim} width={width} />}
        {MARKS.map((each) => (
          <Points key={each} points={marks[each]} r={MARK_SHARE * width} isLine={each !== 'coin'} />
        ))}
        {last && <Loupe picture={picture} at={last} />}
      </svg>
    </div>
  );
}

function RimLine({ rim, width }: { rim: Rim; width: number }) {
  const { centre, semiMajor, semiMinor, axisDeg } = rim;
  const drawn = {
    cx: centre.x,
    cy: centre.y,
    rx: semiMajor,
    ry: semiMinor,
    fill: 'none',
    transform: `rotate(${axisDeg} ${centre.x} ${centre.y})`,
  };
  return (
    <>
      <ellipse {...drawn} stroke="#fff" strokeWidth={0.005 * width} />
      <ellipse {...drawn} stroke="#111" strokeWidth={0.0025 * width} strokeDasharray="12 8" />
    </>
  );
}

function Points(props: { points: readonly PhotoPoint[]; r: number; isLine: boolean }) {
  const { points, r, isLine } = props;
  const [a, b] = points;
  return (
    <g fill="none">
      {isLine && a && b && (
        <>
          <path d={`M${a.x},${a.y}L${b.x},${b.y}`} stroke="#fff" strokeWidth={r * 0.55} />
          <path d={`M${a.x},${a.y}L${b.x},${b.y}`} stroke="#111" strokeWidth={r * 0.25} />
        </>
      )}
      {points.map(({ x, y }, i) => (
        <g key={i}>
          <circle cx={x} cy={y} r={r} stroke="#fff" strokeWidth={r * 0.6} />
          <circle cx={x} cy={y} r={r} stroke="#111" strokeWidth={r * 0.25} />
        </g>
      ))}
    </g>
  );
}

function Loupe({ picture, at }: { picture: Picture; at: PhotoPoint }) {
  const { width, height, url } = picture;
  const r = LOUPE_SHARE * width;
  const cx = at.x > width / 2 ? r + 8 : width - r - 8;
  const cy = r + 8;
  return (
    <g>
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
    </g>
  );
}
