import { useRef, type PointerEvent } from 'react';
import type { PhotoPoint } from '../../core/measure';
import { onPhoto, underLoupe } from './onPhoto';
import type { Picture } from './picture';

/** The grip hangs so far from its point, and is so large (shares of the photo's width): a finger covers neither. */
const STEM_SHARE = 0.16;
const GRIP_SHARE = 0.07;
/** The point goes half as far as the finger. */
const FINE = 0.5;

/** What a thumb moves a point by, without lying on it. For touch alone: a mouse and arrow keys need none. */
export function Grip(props: {
  at: PhotoPoint;
  picture: Picture;
  onPlace: (point: PhotoPoint) => void;
  onSettle: () => void;
}) {
  const { at, picture, onPlace, onSettle } = props;
  const { width, height } = picture;
  // Where the thumb took it, and where the point was then.
  const held = useRef<{ thumb: PhotoPoint; point: PhotoPoint } | null>(null);
  const down = at.y > height / 2 ? -1 : 1;
  const side = at.x > width / 2 ? -1 : 1;
  const centre = {
    x: at.x + 0.6 * side * STEM_SHARE * width,
    y: at.y + down * STEM_SHARE * width,
  };
  const r = GRIP_SHARE * width;
  const place = (event: PointerEvent<SVGGElement>): PhotoPoint | null =>
    onPhoto(event.currentTarget.ownerSVGElement!, event);
  return (
    <g
      className="hidden cursor-grab touch-none pointer-coarse:inline"
      data-testid="grip"
      onPointerDown={(event) => {
        event.currentTarget.setPointerCapture(event.pointerId);
        const thumb = place(event);
        held.current = thumb && { thumb, point: at };
      }}
      onPointerMove={(event) => {
        const now = place(event);
        if (!held.current || !now) return;
        const { thumb, point } = held.current;
        onPlace(
          underLoupe(event.currentTarget.ownerSVGElement!, {
            x: point.x + FINE * (now.x - thumb.x),
            y: point.y + FINE * (now.y - thumb.y),
          }),
        );
      }}
      // Let go by the hand, or taken from it by the browser.
      onLostPointerCapture={() => {
        held.current = null;
        onSettle();
      }}
      onClick={(event) => event.stopPropagation()}
    >
      <path d={`M${at.x},${at.y}L${centre.x},${centre.y}`} stroke="#fff" strokeWidth={0.1 * r} />
      <path d={`M${at.x},${at.y}L${centre.x},${centre.y}`} stroke="#111" strokeWidth={0.04 * r} />
      <circle cx={centre.x} cy={centre.y} r={r} fill="#fff" stroke="#111" strokeWidth={0.06 * r} />
      <path d={arrows(centre, r)} fill="#111" />
    </g>
  );
}

/** Four arrow heads around the middle of the grip. */
function arrows({ x, y }: PhotoPoint, r: number): string {
  const heads = [
    [1, 0],
    [-1, 0],
    [0, 1],
    [0, -1],
  ] as const;
  return heads
    .map(([dx, dy]) => {
      const tip = [x + 0.7 * r * dx, y + 0.7 * r * dy];
      const foot = (hand: number) => [
        x + r * (0.4 * dx - 0.24 * hand * dy),
        y + r * (0.4 * dy + 0.24 * hand * dx),
      ];
      return `M${tip.join()}L${foot(1).join()}L${foot(-1).join()}Z`;
    })
    .join('');
}
