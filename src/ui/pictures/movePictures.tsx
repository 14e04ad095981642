import type { ReactNode } from 'react';
import { pictureWords as say } from '../words/glossary/pictureWords';
import { Arrow, LINE, rad, STEEL, STONE, tiltedBlade, Words } from './parts';

const STONE_Y = 110;

function OnStone({ children }: { children: ReactNode }) {
  return (
    <g>
      <rect x={10} y={STONE_Y} width={300} height={26} {...STONE} />
      {children}
    </g>
  );
}

/** A blade on a stone that goes edge first, spine first, or both ways. */
export function StrokePicture({ way }: { way: 'edge first' | 'spine first' | 'both' }) {
  return (
    <OnStone>
      <path d={tiltedBlade(110, STONE_Y, 150, 18)} {...STEEL} />
      {way !== 'spine first' && <Arrow from={[100, 78]} to={[36, 78]} />}
      {way === 'spine first' && <Arrow from={[36, 78]} to={[100, 78]} />}
      {way === 'both' && <Arrow from={[36, 52]} to={[100, 52]} />}
    </OnStone>
  );
}

/** A stone from above, with circles, or a sweep from heel to tip. */
export function FromAbovePicture({ way }: { way: 'circles' | 'sweep' }) {
  return (
    <g>
      <rect x={70} y={14} width={180} height={122} rx={4} {...STONE} fill="var(--color-base-200)" />
      {way === 'circles' ? (
        <path
          d="M84,84C84,40 122,40 122,76S92,112 96,76S150,40 150,76S122,112 126,76S178,40 178,76S150,112 154,76S206,40 206,76S180,112 184,76S232,44 236,72"
          {...LINE}
          strokeWidth={3}
        />
      ) : (
        <>
          <path d="M76,112L300,112L312,100L286,88L76,92Z" {...STEEL} />
          <Arrow from={[120, 80]} to={[222, 32]} />
          <Words x={258} y={134} middle>
            {say.tip}
          </Words>
        </>
      )}
    </g>
  );
}

/** A stone over a tool that lies still: its back end is lifted on coins. */
export function BackEndPicture({ words }: { words: boolean }) {
  const angle = rad(17);
  const [x, y, length] = [52, 112, 210];
  const end: [number, number] = [x + length * Math.cos(angle), y - length * Math.sin(angle)];
  const coins = 9;
  const coinX = 210;
  const under = y - 6 - (coinX - x) * Math.tan(angle);
  const coinPx = (108 - under) / coins;
  return (
    <g>
      <path d="M44,116L300,108V136H130Z" {...STEEL} />
      <path
        d={`M${x - 12},${y + 2}L${end[0]},${end[1]}l5,12L${x - 8},${y + 12}Z`}
        {...STONE}
        fill="var(--wood)"
      />
      {Array.from({ length: coins }, (_, i) => (
        <rect
          key={i}
          x={coinX}
          y={under + 12 + i * coinPx * 0.88}
          width={34}
          height={coinPx * 0.88}
          fill="var(--lit)"
          stroke="var(--ink)"
        />
      ))}
      {words && (
        <Words x={14} y={26} bold>
          {say.liftHere}
        </Words>
      )}
      <Arrow from={[end[0] + 26, end[1] + 40]} to={[end[0] + 26, end[1] + 2]} />
    </g>
  );
}

/** A blade on a stone, its spine lifted on coins. */
export function SpineLiftPicture({ coins }: { coins: number }) {
  const deg = 15;
  const length = 190;
  const spineX = 60 + length * Math.cos(rad(deg));
  const lift = length * Math.sin(rad(deg)) - 15;
  return (
    <OnStone>
      <path d={tiltedBlade(60, STONE_Y, length, deg)} {...STEEL} />
      {Array.from({ length: coins }, (_, i) => (
        <rect
          key={i}
          x={spineX - 30}
          y={STONE_Y - ((i + 1) * lift) / coins}
          width={40}
          height={lift / coins}
          fill="var(--lit)"
          stroke="var(--ink)"
        />
      ))}
      <Arrow from={[spineX + 34, STONE_Y - 4]} to={[spineX + 34, STONE_Y - lift - 4]} />
    </OnStone>
  );
}

/** A long edge in parts, each a little over the next. */
export function SectionsPicture() {
  return (
    <g>
      <path d="M10,50H290Q312,50 312,72L10,72Z" {...STEEL} />
      {[10, 80, 150, 220].map((x, i) => (
        <g key={x}>
          <path d={`M${x},${84 + (i % 2) * 10}h86`} {...LINE} strokeWidth={5} />
          <Words x={x + 42} y={120 + (i % 2) * 10} middle bold>
            {i + 1}
          </Words>
        </g>
      ))}
    </g>
  );
}

/** Ink on a bevel: gone where the stone has touched. */
export function InkPicture() {
  return (
    <g>
      {[say.lower, say.right, say.lift].map((words, i) => (
        <g key={words} transform={`translate(${10 + i * 104} 20)`}>
          <rect width={92} height={60} fill="var(--steel-light)" stroke="var(--ink)" />
          <rect
            y={i === 0 ? 0 : i === 1 ? 0 : 30}
            width={92}
            height={i === 1 ? 0 : 30}
            fill="var(--ink)"
          />
          <path d="M0,60H92" {...LINE} strokeWidth={4} />
          <Words x={46} y={86} middle bold>
            {words}
          </Words>
        </g>
      ))}
      <Words x={160} y={140} middle>
        {say.inkFoot}
      </Words>
    </g>
  );
}

/** A stone on a kitchen scale. */
export function ForcePicture() {
  return (
    <g>
      <path d="M70,128H250L236,92H84Z" {...LINE} fill="var(--color-base-200)" />
      <rect x={90} y={76} width={140} height={14} {...STONE} />
      <Arrow from={[160, 14]} to={[160, 68]} />
      <rect x={130} y={100} width={60} height={22} fill="var(--lit)" stroke="var(--ink)" />
      <Words x={160} y={117} middle bold>
        {say.kilo}
      </Words>
      <Words x={178} y={36} bold>
        {say.tenNewtons}
      </Words>
    </g>
  );
}

/** An axe held fast on a block, the stone in the hand. */
export function BracedPicture() {
  return (
    <g>
      <rect x={20} y={104} width={190} height={40} {...STONE} />
      <path d="M40,98L190,76V104H40Z" {...STEEL} />
      <path d="M24,60V104M24,60H56" {...LINE} strokeWidth={5} />
      <path d="M150,84L290,40l5,14L156,98Z" {...STONE} fill="var(--wood)" />
      <Arrow from={[240, 30]} to={[190, 46]} />
    </g>
  );
}
