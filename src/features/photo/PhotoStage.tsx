import type { KeyboardEvent } from 'react';
import type { PhotoPoint, Rim } from '../../core';
import { photoWords as say } from '../../ui/words/photoWords';
import { Grip } from './Grip';
import { Loupe } from './Loupe';
import { Line, Plate, Points, RimLine, type Plates } from './PhotoMarks';
import type { Picture } from './picture';
import { MARKS, type Mark, type Marks, type TracedLines } from './photoMeasures';
import { tapOnPhoto, underLoupe } from './onPhoto';

/** How large marks are on the screen, as a share of the photo's width. */
const MARK_SHARE = 0.011;
const FAR_PX = 10;
/** Marks whose points are ends of a straight line. */
const STRAIGHT: readonly Mark[] = ['rule', 'edge', 'bevel', 'chip', 'spine', 'neck'];

type StageProps = Parameters<typeof PhotoStage>[0];

/** Enter sets a point where the last one is, or in the middle; arrow keys move it. */
function byKey(event: KeyboardEvent, props: StageProps): void {
  const { picture, marks, mark, onTap, onPlace } = props;
  const stage = event.currentTarget.querySelector('svg')!;
  const by = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }[
    event.key
  ];
  if (event.key !== 'Enter' && !by) return;
  event.preventDefault();
  const px = event.shiftKey ? FAR_PX : 1;
  const last = marks[mark].at(-1);
  const at = last ?? { x: picture.width / 2, y: picture.height / 2 };
  if (!by) onTap(underLoupe(stage, at));
  else if (last) onPlace(underLoupe(stage, { x: at.x + px * by[0]!, y: at.y + px * by[1]! }));
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
  /** Moves the point last set to here. */
  onPlace: (point: PhotoPoint) => void;
  /** It stays where it is now. */
  onSettle: () => void;
}) {
  const { picture, marks, lines, glints, mark, rim, pxPerMm, plates } = props;
  const { onTap, onPlace, onSettle } = props;
  const { width, height, url } = picture;
  const last = marks[mark].at(-1);
  const r = MARK_SHARE * width;
  return (
    <div
      role="application"
      aria-label={say.stage}
      tabIndex={0}
      onKeyDown={(event) => byKey(event, props)}
      onKeyUp={({ key }) => key.startsWith('Arrow') && onSettle()}
    >
      <svg
        viewBox={`0 0 ${width} ${height}`}
        className="block w-full cursor-crosshair touch-manipulation"
        data-testid="photo"
        onClick={(event) => {
          const at = tapOnPhoto(event.currentTarget, event.nativeEvent);
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
        {last && <Grip at={last} picture={picture} onPlace={onPlace} onSettle={onSettle} />}
        {last && <Loupe picture={picture} at={last} pxPerMm={pxPerMm} />}
      </svg>
    </div>
  );
}
