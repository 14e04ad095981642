import { StepButton } from '../../ui/StepButton';
import { KINDS } from '../../domain/kinds';
import { deg, placeMm } from '../../ui/format';
import { layOut } from '../../ui/words/layOutWords';
import type { LaidTool } from './laid';

const LENGTH_STEP_MM = 5;

/** The usual measures of a tool, dotted until they are its own; a tap opens them. */
export function ToldMeasures(props: { own: LaidTool; isOpen: boolean; onToggle: () => void }) {
  const { own, isOpen, onToggle } = props;
  const { lengthMm, angleDeg } = measuresOf(own);
  const isTold = own.edgeLengthMm !== null || own.angleDeg !== null;
  return (
    <button
      type="button"
      aria-expanded={isOpen}
      title={isTold ? undefined : layOut.usual}
      className={`figures ml-auto min-h-8 pointer-coarse:min-h-12 cursor-pointer border-b-2 text-[0.95rem] pointer-coarse:min-h-12 ${isTold ? 'border-solid' : 'border-dotted'}`}
      onClick={onToggle}
    >
      {layOut.measures(lengthMm, angleDeg)}
    </button>
  );
}

/** Length and angle by buttons, without typing. */
ToldMeasures.Fields = function Fields(props: {
  own: LaidTool;
  onChange: (change: Partial<LaidTool>) => void;
}) {
  const { own, onChange } = props;
  const { lengthMm, angleDeg } = measuresOf(own);
  return (
    <div className="flex flex-wrap gap-x-8 gap-y-2">
      <Stepper
        label={layOut.edgeLength}
        value={placeMm(lengthMm)}
        onStep={(by) =>
          onChange({ edgeLengthMm: Math.min(1000, Math.max(20, lengthMm + by * LENGTH_STEP_MM)) })
        }
      />
      <Stepper
        label={layOut.angle}
        value={deg(angleDeg)}
        onStep={(by) => {
          const leastDeg = KINDS[own.kind].zone.primaryAngleDeg + 1;
          onChange({ angleDeg: Math.min(60, Math.max(5, leastDeg, angleDeg + by)) });
        }}
      />
      <button
        type="button"
        className="link min-h-12"
        onClick={() => onChange({ edgeLengthMm: null, angleDeg: null })}
      >
        {layOut.asUsual}
      </button>
    </div>
  );
};

function Stepper(props: { label: string; value: string; onStep: (by: number) => void }) {
  const { label, value, onStep } = props;
  return (
    <div role="group" aria-label={label} className="flex items-center gap-2">
      <span>{label}</span>
      <StepButton by={-1} label={layOut.less(label)} onStep={() => onStep(-1)} />
      <output className="figures w-20 text-center font-bold">{value}</output>
      <StepButton by={1} label={layOut.more(label)} onStep={() => onStep(1)} />
    </div>
  );
}

function measuresOf({ kind, edgeLengthMm, angleDeg }: LaidTool) {
  const { edgeLengthMm: usualMm, zone } = KINDS[kind];
  return { lengthMm: edgeLengthMm ?? usualMm, angleDeg: angleDeg ?? zone.bevelAngleDeg };
}
