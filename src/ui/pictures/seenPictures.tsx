import type { EdgeWord } from '../../core/inspection';
import type { ToolKind } from '../../domain/kinds';
import { typicalTool } from '../../domain/typicalTools';
import { edgePath, edgeWeight } from '../edge-strip/edgePath';
import { toolOutline } from '../silhouette/outline';
import { EDGE_STATE_WORDS, pictureWords as say } from '../words/glossary/pictureWords';
import { ChipBesideCoin } from './ChipBesideCoin';
import { HEIGHT, LINE, STEEL, WIDTH, Words } from './parts';

/** A usual tool from the side, a part of its edge drawn heavy (shares from heel to tip). */
export function SilhouettePicture(props: {
  kind: ToolKind;
  from: number;
  to: number;
  spots?: boolean;
}) {
  const { kind, from, to, spots } = props;
  const outline = toolOutline(typicalTool(kind, ''));
  const lengthMm = outline.lengthMm - outline.edgeTopMm;
  const scale = Math.min((WIDTH - 16) / outline.lengthMm, (HEIGHT - 16) / outline.widthMm);
  const clip = `${kind}${from}${to}`.replace(/\W/g, '');
  const top = outline.edgeTopMm;
  return (
    <g transform={`translate(8 ${(HEIGHT - outline.widthMm * scale) / 2}) scale(${scale})`}>
      <clipPath id={`part${clip}`}>
        <rect
          x={top + from * lengthMm - (from === 0 ? 9 : 0)}
          y={-40}
          width={(to - from) * lengthMm + 9}
          height={600}
        />
      </clipPath>
      <g transform="matrix(0 1 1 0 0 0)">
        <path d={outline.handle} fill="var(--wood)" stroke="var(--ink)" strokeWidth={1.2 / scale} />
        <path d={outline.blade} fill="var(--steel)" stroke="var(--ink)" strokeWidth={1.2 / scale} />
      </g>
      <g clipPath={`url(#part${clip})`}>
        <path d={outline.edge} transform="matrix(0 1 1 0 0 0)" {...LINE} strokeWidth={6 / scale} />
      </g>
      {spots &&
        [0.3, 0.45, 0.5, 0.72].map((share, i) => (
          <circle
            key={share}
            cx={top + share * lengthMm}
            cy={outline.widthMm * (0.45 + 0.12 * (i % 3))}
            r={(3 + (i % 2) * 2) / scale}
            fill="var(--rail)"
            stroke="var(--ink)"
            strokeWidth={1 / scale}
          />
        ))}
    </g>
  );
}

export function ChipPicture({ coinMm }: { coinMm: number }) {
  return (
    <g transform="translate(40 20) scale(3.6)">
      <ChipBesideCoin depthMm={1} coinMm={coinMm} />
    </g>
  );
}

/** The edge held to a lamp: dark where it is keen, a bright stretch where it is blunt. */
export function GlintPicture() {
  return (
    <g>
      <rect x={8} y={20} width={304} height={100} fill="#121c18" />
      <path d="M8,70H312" stroke="#6f7f86" strokeWidth={2} />
      <path d="M120,70Q165,56 210,70Q165,84 120,70Z" fill="#ffffff" />
      <Words x={165} y={140} middle>
        {say.bluntHere}
      </Words>
    </g>
  );
}

/** The edge seen from above: straight, and out of true. */
export function WavePicture() {
  return (
    <g>
      <path d="M10,45H310" {...LINE} strokeWidth={4} />
      <Words x={10} y={32}>
        {say.straight}
      </Words>
      <path d="M10,105C80,105 90,92 150,98S230,122 310,103" {...LINE} strokeWidth={4} />
      <path d="M10,105H310" {...LINE} strokeWidth={1} strokeDasharray="7 4 2 4" />
      <Words x={10} y={136}>
        {say.outOfTrue}
      </Words>
    </g>
  );
}

/** A blade stuck in wood. */
export function WedgingPicture() {
  return (
    <g>
      <path d="M20,70H118L150,128L182,70H300V146H20Z" fill="var(--wood)" stroke="var(--ink)" />
      <path d="M150,126L112,40V8H188V40Z" {...STEEL} />
      <path d="M112,84H96M188,84H204" {...LINE} strokeWidth={4} />
    </g>
  );
}

const STATES: readonly EdgeWord[] = ['keen', 'works', 'tired', 'blunt'];

/** The four states of an edge, as every strip draws them. */
export function StatesPicture() {
  return STATES.map((word, i) => (
    <g key={word} transform={`translate(0 ${i * 35 + 18})`}>
      <path d={edgePath(word, 10, 220, 8, [])} {...LINE} strokeWidth={edgeWeight(word)} />
      <Words x={236} y={13} bold>
        {EDGE_STATE_WORDS[word]}
      </Words>
    </g>
  ));
}
