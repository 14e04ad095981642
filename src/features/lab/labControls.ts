import type { LabEdge } from '../../core/lab';
import type { Experiment } from '../../domain/experiment';
import { deg, newtons, um } from '../../ui/format';
import { familyName } from '../../ui/words/familyName';
import { labWords as say } from '../../ui/words/labWords';

/** One thing that can be changed in the lab: by steps, within limits, with a line on what it means. */
export interface LabControl {
  id: string;
  name: string;
  value: string;
  line: string;
  less: Experiment | null;
  more: Experiment | null;
}

/** Grain sizes that a step of the stone goes through (µm). */
const SIZES_UM = [1, 3, 6, 9, 12, 16, 25, 35, 45, 60, 80, 100, 150];

/** What can be changed, as it stands. */
export function labControls(
  experiment: Experiment,
  usual: Experiment,
  edge: LabEdge,
): LabControl[] {
  const { hold, forceN, strokesPerSide, stone } = experiment;
  const held = (change: Partial<Experiment['hold']>): Experiment => ({
    ...experiment,
    hold: { ...hold, ...change },
  });
  const off = hold.angleDeg - edge.apexAngleDeg;
  const left = hold.leftSteeperDeg;
  const stepped = (
    value: number,
    step: number,
    [least, most]: readonly [number, number],
    to: (value: number) => Experiment,
  ) => {
    const at = (next: number): Experiment | null =>
      next < least - 1e-9 || next > most + 1e-9 ? null : to(Math.round(100 * next) / 100);
    return { less: at(value - step), more: at(value + step) };
  };
  const finer = SIZES_UM.findLast((size) => size < stone.sizeUm);
  const coarser = SIZES_UM.find((size) => size > stone.sizeUm);
  const sized = (sizeUm: number | undefined): Experiment | null =>
    sizeUm === undefined ? null : { ...experiment, stone: { ...stone, sizeUm } };
  return [
    {
      id: 'hold',
      name: say.holdField,
      value: deg(hold.angleDeg),
      line: Math.abs(off) < 0.05 ? say.onTheBevel : say.offTheBevel(deg(Math.abs(off)), off > 0),
      ...stepped(hold.angleDeg, 0.5, [5, 60], (angleDeg) => held({ angleDeg })),
    },
    {
      id: 'wobble',
      name: say.wobbleField,
      value: deg(hold.wobbleDeg),
      line: hold.wobbleDeg === usual.hold.wobbleDeg ? say.usualWobble : say.yours,
      ...stepped(hold.wobbleDeg, 0.1, [0, 6], (wobbleDeg) => held({ wobbleDeg })),
    },
    {
      id: 'left',
      name: say.leftField,
      value: `${left > 0 ? '+' : ''}${deg(left)}`,
      line: left === 0 ? say.alike : left > 0 ? say.steeper(deg(left)) : say.flatter(deg(-left)),
      ...stepped(left, 0.2, [-6, 6], (leftSteeperDeg) => held({ leftSteeperDeg })),
    },
    {
      id: 'force',
      name: say.forceField,
      value: newtons(forceN),
      line: forceN === usual.forceN ? say.usualWobble : say.yours,
      ...stepped(forceN, 1, [1, 60], (next) => ({ ...experiment, forceN: next })),
    },
    {
      id: 'strokes',
      name: say.strokesField,
      value: String(strokesPerSide),
      line: say.inAll(2 * strokesPerSide),
      ...stepped(strokesPerSide, 10, [10, 200], (next) => ({
        ...experiment,
        strokesPerSide: next,
      })),
    },
    {
      id: 'stone',
      name: say.sizeField,
      value: um(stone.sizeUm),
      line: familyName(stone.family),
      less: sized(finer),
      more: sized(coarser),
    },
  ];
}
