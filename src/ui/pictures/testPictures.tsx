import { GlintPicture } from './seenPictures';
import { Arrow, LINE, STEEL } from './parts';

type Test =
  | 'pops-hair'
  | 'shaves'
  | 'push-cuts'
  | 'slices-paper'
  | 'tears-paper'
  | 'slides-on-nail'
  | 'blunt';

const BLADE = 'M190,52L300,30V58L190,60Z';

/** What a test looks like, with what one has in a camp. */
export function TestPicture({ test }: { test: Test }) {
  switch (test) {
    case 'pops-hair':
      return (
        <g>
          <Skin />
          {[60, 90, 120, 150].map((x) => (
            <path key={x} d={`M${x},124C${x + 6},104 ${x + 2},92 ${x + 12},80`} {...LINE} />
          ))}
          <path d="M118,40C140,30 150,44 166,34" {...LINE} />
          <path d={BLADE} {...STEEL} transform="translate(0 26)" />
        </g>
      );
    case 'shaves':
      return (
        <g>
          <Skin />
          {[40, 60, 260, 280].map((x) => (
            <path key={x} d={`M${x},124v-26`} {...LINE} />
          ))}
          <path d="M110,122L210,92V104L112,124Z" {...STEEL} />
          <Arrow from={[150, 66]} to={[92, 66]} />
          <Arrow from={[170, 66]} to={[228, 66]} />
        </g>
      );
    case 'push-cuts':
      return (
        <g>
          <Sheet lines />
          <path d="M132,10H188L164,70L160,82L156,70Z" {...STEEL} />
          <Arrow from={[216, 14]} to={[216, 66]} />
        </g>
      );
    case 'slices-paper':
      return (
        <g>
          <path d="M76,18H150L138,138H76Z" {...LINE} fill="var(--lit)" />
          <path d="M162,18H244V138H152Z" {...LINE} fill="var(--lit)" />
          <Arrow from={[262, 30]} to={[262, 118]} />
        </g>
      );
    case 'tears-paper':
      return (
        <g>
          <path
            d="M76,18H150L140,36L156,52L138,70L152,88L136,104L148,138H76Z"
            {...LINE}
            fill="var(--lit)"
          />
          <path
            d="M176,18H244V138H170L160,104L176,88L158,70L178,52L162,36Z"
            {...LINE}
            fill="var(--lit)"
          />
        </g>
      );
    case 'slides-on-nail':
      return (
        <g>
          <path d="M90,140V84Q90,30 150,30T210,84V140" {...LINE} fill="var(--color-base-200)" />
          <path d="M112,92V72Q114,44 150,44T190,72V92Z" {...LINE} fill="var(--lit)" />
          <path d="M120,40L290,74L288,86L122,50Z" {...STEEL} />
          <Arrow from={[130, 24]} to={[70, 14]} />
        </g>
      );
    case 'blunt':
      return <GlintPicture />;
  }
}

function Skin() {
  return <path d="M10,126Q160,112 310,126" {...LINE} strokeWidth={4} />;
}

function Sheet({ lines }: { lines?: boolean }) {
  return (
    <g>
      <path d="M80,34H156L160,84L164,34H240V140H80Z" {...LINE} fill="var(--lit)" />
      {lines &&
        [58, 74, 90, 106, 122].map((y) => (
          <path key={y} d={`M92,${y}h52M176,${y}h52`} {...LINE} strokeWidth={1} />
        ))}
    </g>
  );
}
