import { scaleLog } from 'd3-scale';
import { Scratches } from '../things/ThingDrawing';
import { UsualThingDrawing, usualThingSizeMm } from '../things/UsualThingDrawing';
import { pictureWords as say } from '../words/glossary/pictureWords';
import { Arrow, HEIGHT, LINE, STEEL, STONE, WIDTH, Words } from './parts';

/** A usual thing, to scale. */
export function ThingPicture({ name }: { name: string }) {
  const { widthMm, heightMm } = usualThingSizeMm(name);
  return (
    <g transform="translate(20 20)">
      <UsualThingDrawing name={name} pxPerMm={Math.min(280 / widthMm, 110 / heightMm)} />
    </g>
  );
}

export function CompoundPicture() {
  return (
    <g>
      <rect x={20} y={96} width={280} height={30} {...LINE} fill="var(--rail)" />
      <rect x={110} y={40} width={90} height={46} {...LINE} fill="var(--lit)" />
      <Arrow from={[216, 62]} to={[276, 62]} />
      {[130, 150, 172].map((x) => (
        <path key={x} d={`M${x - 60},104h30`} {...LINE} strokeWidth={3} />
      ))}
    </g>
  );
}

const SIZES = [
  { sizeUm: 120, words: say.file },
  { sizeUm: 25, words: say.medium },
  { sizeUm: 9, words: say.fine },
  { sizeUm: 1, words: say.compound },
];

/** Sizes of grain on a log rule, a hair among them. */
export function FinenessPicture() {
  const x = scaleLog([400, 0.4], [8, WIDTH - 8]);
  return (
    <g>
      <path d={`M8,112H${WIDTH - 8}`} {...LINE} />
      {[200, 100, 50, 20, 10, 5, 2, 1, 0.5].map((tick) => (
        <g key={tick} transform={`translate(${x(tick)} 112)`}>
          <path d="M0,0v6" {...LINE} />
          <text y={22} textAnchor="middle" fontSize={12.5} className="figures">
            {tick}
          </text>
        </g>
      ))}
      <Words x={WIDTH - 4} y={148} end>
        µm
      </Words>
      {SIZES.map(({ sizeUm, words }) => {
        const id = `fine${sizeUm}`;
        return (
          <g key={sizeUm} transform={`translate(${x(sizeUm) - 24} 44)`}>
            <Scratches id={id} sizeUm={sizeUm} />
            <rect width={48} height={30} {...STEEL} strokeWidth={1} />
            <rect width={48} height={30} fill={`url(#${id})`} />
            <path d="M24,30V68" {...LINE} strokeWidth={1} />
            <Words x={24} y={-6} middle>
              {words}
            </Words>
          </g>
        );
      })}
      <path
        d={`M${x(70)},112C${x(70) - 8},70 ${x(70) + 10},40 ${x(70)},12`}
        stroke="var(--wood)"
        strokeWidth={3}
        fill="none"
      />
      <Words x={x(70) + 6} y={20}>
        {say.hair}
      </Words>
    </g>
  );
}

export function HollowStonePicture() {
  return (
    <g>
      <path d="M20,60Q160,96 300,60V120H20Z" {...STONE} fill="var(--wood)" />
      <path d="M20,60H300" {...LINE} strokeDasharray="6 5" />
    </g>
  );
}

/** Things from coarse to fine, each hop on the rule. */
export function LadderPicture() {
  const xs = [40, 150, 230, 290];
  return (
    <g>
      <path d="M10,110H310" {...LINE} />
      {xs.map((x, i) => (
        <g key={x}>
          {i > 0 && <path d={`M${xs[i - 1]},100Q${(x + xs[i - 1]!) / 2},30 ${x},100`} {...LINE} />}
          {i === 0 && <path d="M40,90l11,20H29Z" fill="var(--ink)" />}
          {i === 1 && <path d="M140,92h20v20h-20Z" {...LINE} fill="var(--ink)" />}
          {i === 2 && <path d="M220,92h20v20h-20Z" {...LINE} fill="var(--color-base-100)" />}
          {i === 3 && <circle cx={290} cy={102} r={10} {...LINE} fill="var(--color-base-100)" />}
        </g>
      ))}
      <Words x={10} y={140}>
        {say.coarse}
      </Words>
      <Words x={310} y={140} end>
        {say.fine}
      </Words>
    </g>
  );
}

/** A blade thinned behind its edge: before dotted, steel taken hatched. */
export function ThinningPicture() {
  return (
    <g>
      <path d="M14,75L90,40H306V110H90Z" {...LINE} strokeDasharray="3 5" />
      <path d="M14,75L60,57L200,40H306V110H200L60,93Z" {...STEEL} />
    </g>
  );
}

/** A blade whose lower part may still be ground away. */
export function SteelLeftPicture() {
  return (
    <g>
      <path d="M40,30H280Q306,30 300,58L286,104H40Z" {...STEEL} />
      <path
        d="M40,76H292L286,104H40Z"
        fill="var(--color-base-100)"
        stroke="var(--ink)"
        strokeDasharray="4 4"
      />
      <path d="M26,76V104M20,76H32M20,104H32" {...LINE} />
      <Words x={40} y={134}>
        {say.mayGo}
      </Words>
    </g>
  );
}

/** An estimate: one number, and the bar in which the true one lies two times in three. */
export function SpanPicture() {
  return (
    <g>
      <rect x={70} y={52} width={170} height={30} fill="var(--steel)" />
      <path d="M138,42V92" {...LINE} strokeWidth={4} />
      <Words x={70} y={40} middle>
        4
      </Words>
      <Words x={240} y={40} middle>
        13
      </Words>
      <Words x={138} y={116} middle bold>
        {say.aboutSeven}
      </Words>
      <path d={`M20,${HEIGHT - 24}H300`} {...LINE} strokeWidth={1} />
    </g>
  );
}

export function LubricantPicture() {
  return (
    <g>
      <rect x={30} y={96} width={260} height={30} {...STONE} />
      <path
        d="M150,22C166,46 174,54 174,66A24,24 0 0 1 126,66C126,54 134,46 150,22Z"
        {...LINE}
        fill="var(--lit)"
      />
      <path d="M60,92Q110,84 150,92T250,92" {...LINE} strokeWidth={4} />
    </g>
  );
}

/** Hard steel and soft, under the same blow. */
export function HardnessPicture() {
  return (
    <g>
      {[say.soft, say.hard].map((words, i) => (
        <g key={words} transform={`translate(${20 + i * 150} 0)`}>
          <rect y={70} width={130} height={46} {...STEEL} />
          <path
            d={i === 0 ? 'M45,70Q65,96 85,70' : 'M60,70L65,76L70,70'}
            {...LINE}
            fill="var(--color-base-100)"
          />
          <path
            d={i === 0 ? 'M65,16L85,70Q65,96 45,70Z' : 'M65,16L85,66L70,70L65,76L60,70L45,66Z'}
            {...LINE}
            fill="var(--wood)"
          />
          <Words x={65} y={138} middle>
            {words}
          </Words>
        </g>
      ))}
    </g>
  );
}

/** Hard grains within softer steel. */
export function CarbidesPicture() {
  const grains = [
    [40, 40],
    [80, 90],
    [110, 50],
    [150, 110],
    [170, 40],
    [205, 82],
    [240, 48],
    [262, 108],
    [60, 118],
    [128, 84],
  ] as const;
  return (
    <g>
      <rect x={10} y={16} width={300} height={120} fill="var(--steel-light)" stroke="var(--ink)" />
      {grains.map(([x, y], i) => (
        <path
          key={x}
          d={`M${x},${y}l${8 + (i % 3) * 3},-6l9,8l-7,${9 + (i % 2) * 4}Z`}
          fill="var(--ink)"
        />
      ))}
    </g>
  );
}
