import type { KeyboardEvent } from 'react';
import type { PhotoPoint, Rim } from '../../core';
import { photoWords as say } from '../../ui/words/photoWords';
import { Grip } from './Grip';
import { Line, Plate, Points, RimLine, type Plates } from './PhotoMarks';
import type { Picture } from './picture';
import { MARKS, type Mark, type Marks, type TracedLines } from './photoMeasures';
import { onPhoto } from './onPhoto';

/** How large marks and loupe are on the screen, as shares of the photo's width. */
const MARK_SHARE = 0.011;
const LOUPE_SHARE = 0.16;
const ENLARGED = 4;
const FAR_PX = 10;
/** Marks whose points are ends of a straight line. */
const STRAIGHT: readonly Mark[] = ['rule', 'edge', 'bevel', 'chip', 'spine', 'neck'];

type StageProps = Parameters<typeof PhotoStage>[0];

/** Enter sets a point where the last one is, or in the middle; arrow keys move it. */
function byKey(event: KeyboardEvent, { picture, marks, mark, onTap, onMove }: StageProps): void {
  const { width, height } = picture;
  const by = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }[
    event.key
  ];
  if (event.key !== 'Enter' && !by) return;
  event.preventDefault();
  const px = event.shiftKey ? FAR_PX : 1;
  if (by) onMove({ x: px * by[0]!, y: px * by[1]! });
  else onTap(marks[mark].at(-1) ?? { x: width / 2, y: height / 2 });
}

/** The photo with its marks, dark in a light casing, and a loupe over the point last tapped, in the far corner. */
export function PhotoStage(props: {
  picture: Picture;
  marks: Marks;
  lines: TracedLines;
  /** Bright stretches, as points of the photo. */
  glints: readonly (readonly PhotoPoint[])[];
  mark: Mark;
  rim: Rim | null;
  pxPerMm: number | null;
  /** What is said beside the marks. */
  plates: Plates;
  onTap: (point: PhotoPoint) => void;
  onMove: (by: PhotoPoint) => void;
}) {
  const { picture, marks, lines, glints, mark, rim, pxPerMm, plates, onTap, onMove } = props;
  const { width, height, url } = picture;
  const last = marks[mark].at(-1);
  const r = MARK_SHARE * width;
  return (
    <div
      role="application"
      aria-label={say.stage}
      tabIndex={0}
      onKeyDown={(event) => byKey(event, props)}
    >
      <svg
        viewBox={`0 0 ${width} ${height}`}
        className="block w-full cursor-crosshair touch-manipulation"
        data-testid="photo"
        onClick={(event) => {
          const at = onPhoto(event.currentTarget, event);
          if (at) onTap(at);
        }}
        aria-hidden
      >
        <image href={url} width={width} height={height} />
        {rim && marks.coin.length > 2 && <RimLine rim={rim} width={width} />}
        {lines.outline && <Line points={lines.outline} r={r} isClosed />}
        {lines.edge && <Line points={lines.edge} r={r} />}
        {glints.map((points, i) => (
          <Line key={i} points={points} r={3 * r} />
        ))}
        {MARKS.map((each) => (
          <Points
            key={each}
            points={marks[each]}
            r={r}
            isLine={STRAIGHT.includes(each) && !(each === 'edge' && lines.edge)}
          />
        ))}
        {/* Where the photo is small the figures below it say so. */}
        <g className="max-sm:hidden">
          {MARKS.map((each) => {
            const at = marks[each].at(-1);
            const words = plates[each];
            if (!at || !words) return null;
            return (
              <Plate key={each} at={at} words={words} width={width} isAbove={each === 'bevel'} />
            );
          })}
        </g>
        {last && <Grip at={last} picture={picture} onMove={onMove} />}
        {last && <Loupe picture={picture} at={last} pxPerMm={pxPerMm} />}
      </svg>
    </div>
  );
}

function Loupe(props: { picture: Picture; at: PhotoPoint; pxPerMm: number | null }) {
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
