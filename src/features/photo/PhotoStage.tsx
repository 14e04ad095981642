import type { KeyboardEvent } from 'react';
import type { PhotoPoint, Rim } from '../../core/measure';
import { photoWords as say } from './words';
import { Grip } from './Grip';
import { Line, Plate, Points, RimLine, TakenUp, type Plates } from './PhotoMarks';
import type { Picture } from './picture';
import { MARKS, type Mark, type Marks, type TracedLines } from './photoMeasures';
import { tapOnPhoto, underLoupe, ENLARGED } from './onPhoto';
import type { Taps } from './useTaps';

/** How large marks are on the screen, as a share of the photo's width. */
const MARK_SHARE = 0.011;
const FAR_PX = 10;
/** Marks whose points are ends of a straight line. */
const STRAIGHT: readonly Mark[] = ['rule', 'edge', 'bevel', 'chip', 'spine', 'neck'];

type StageProps = Parameters<typeof PhotoStage>[0];

const BY_ARROW: Record<string, readonly [number, number]> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
};

/** Enter sets a point where the one taken up is, or in the middle; arrow keys move it, page keys take up another. */
function byKey(event: KeyboardEvent, props: StageProps): void {
  const { picture, marks, taps } = props;
  const stage = event.currentTarget.querySelector('svg')!;
  const taken = marks[taps.mark][taps.at];
  const by = BY_ARROW[event.key];
  const far = event.shiftKey ? FAR_PX : 1;
  if (event.key === 'Enter')
    taps.tap(underLoupe(stage, taken ?? { x: picture.width / 2, y: picture.height / 2 }));
  else if (event.key === 'PageUp') taps.walk(-1);
  else if (event.key === 'PageDown') taps.walk(1);
  else if (by && taken)
    taps.place(underLoupe(stage, { x: taken.x + far * by[0], y: taken.y + far * by[1] }));
  else if (!by) return;
  event.preventDefault();
}

/** The photo with its marks, dark in a light casing, and a loupe over the point taken up, in the far corner. */
export function PhotoStage(props: {
  picture: Picture;
  marks: Marks;
  lines: TracedLines;
  /** Bright stretches, as points of the photo. */
  glints: readonly (readonly PhotoPoint[])[];
  taps: Pick<Taps, 'mark' | 'at' | 'walk' | 'tap' | 'place' | 'settle'>;
  rim: Rim | null;
  pxPerMm: number | null;
  /** What is said beside the marks. */
  plates: Plates;
}) {
  const { picture, marks, lines, glints, taps, rim, pxPerMm, plates } = props;
  const { width, height, url } = picture;
  const taken = marks[taps.mark][taps.at];
  const r = MARK_SHARE * width;
  return (
    <div
      role="application"
      aria-label={say.stage}
      tabIndex={0}
      onKeyDown={(event) => byKey(event, props)}
      onKeyUp={({ key }) => key in BY_ARROW && taps.settle()}
      onBlur={taps.settle}
    >
      <svg
        viewBox={`0 0 ${width} ${height}`}
        className="block w-full cursor-crosshair touch-manipulation"
        data-testid="photo"
        onClick={(event) => {
          const at = tapOnPhoto(event.currentTarget, event.nativeEvent);
          if (at) taps.tap(at);
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
        {taken && (
          <>
            {marks[taps.mark].length > 1 && <TakenUp at={taken} r={r} />}
            <Grip at={taken} picture={picture} onPlace={taps.place} onSettle={taps.settle} />
            <Loupe picture={picture} at={taken} pxPerMm={pxPerMm} />
          </>
        )}
      </svg>
    </div>
  );
}

/** How large the loupe is, as a share of the photo's width. */
const LOUPE_SHARE = 0.16;

/** What lies under the point last set, enlarged, in the far corner, with a bar of millimetres once there is a scale. */
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
