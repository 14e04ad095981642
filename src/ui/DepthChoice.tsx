import { Choice } from './Choice';
import { chipDepth } from './format';

/** Depths that an eye can tell apart (mm): a hair's width, a sheet of paper, a thumbnail's edge and so on. */
const DEPTHS_MM = [0.05, 0.1, 0.2, 0.4, 0.8, 1.5, 2.5];

/** How deep damage is, by a tap; a depth that was measured stands among them. */
export function DepthChoice(props: {
  legend: string;
  depthMm: number;
  onChoose: (depthMm: number) => void;
}) {
  const { legend, depthMm, onChoose } = props;
  const depths = [...new Set([...DEPTHS_MM, depthMm])].sort((a, b) => a - b);
  return (
    <Choice
      legend={legend}
      options={depths.map((each) => [String(each), chipDepth(each)] as const)}
      chosen={String(depthMm)}
      onChoose={(each) => onChoose(Number(each))}
    />
  );
}
