import { KINDS, type BladeShape } from '../../domain/kinds';
import type { Tool } from '../../domain/tool';

/** Outlines in mm, hanging from the rail: x to the right (toward the edge), y down from the hook. */
export interface Outline {
  blade: string;
  handle: string;
  /** The cutting edge alone, heel to tip. */
  edge: string;
  /** Where the heel of the edge lies. */
  edgeTopMm: number;
  widthMm: number;
  lengthMm: number;
}

type Measures = Pick<
  Tool,
  'kind' | 'edgeLengthMm' | 'bladeWidthMm' | 'spineThicknessMm' | 'outline' | 'traced'
>;

/** The outline of a tool: traced on a photo, or from its measures; axes hang by the head, blades by the handle. */
export function toolOutline(tool: Measures): Outline {
  if (tool.traced) return tool.traced;
  const { shape } = KINDS[tool.kind];
  if (shape === 'axe') return axe(tool);
  return shape === 'two handles' ? twoHandles(tool) : blade(tool, shape);
}

function blade(tool: Measures, form: BladeShape): Outline {
  const { edgeLengthMm: length, bladeWidthMm: width } = tool;
  const { handleLengthMm: handle, bellyShare, flareShare } = tool.outline;
  const top = handle;
  const heelX = form.heel * width;
  const tipX = form.tip * width;
  const tipY = top + length;
  const bellyY = top + length * (1 - bellyShare);
  const fullX = width;
  const hollowX = fullX - form.hollow * width * (1 + flareShare);

  const edge =
    `M${n(heelX)},${n(top + 3)}` +
    (form.hollow > 0
      ? `C${n(hollowX)},${n(top + 0.25 * length)} ${n(hollowX)},${n(top + 0.4 * length)} ${n(fullX)},${n(bellyY)}`
      : `L${n(fullX)},${n(bellyY)}`) +
    `C${n(fullX)},${n(bellyY + 0.6 * (tipY - bellyY))} ${n(tipX + 0.45 * (fullX - tipX))},${n(tipY - 0.04 * length)} ${n(tipX)},${n(tipY)}`;
  const spineY = top + form.spineFall * length;
  const bladePath = `${edge}Q0,${n(spineY + 0.5 * (tipY - spineY))} 0,${n(spineY)}L0,${n(top)}L${n(heelX)},${n(top)}Z`;

  const grip = Math.min(30, Math.max(15, 0.78 * width));
  const left = Math.max(0, (Math.min(heelX, width) - grip) / 2) - 0.04 * grip;
  const right = left + grip;
  const waist = 0.09 * grip;
  const handlePath =
    `M${n(left)},${n(top)}C${n(left + waist)},${n(0.75 * top)} ${n(left - waist)},${n(0.45 * top)} ${n(left + waist)},${n(0.12 * top)}` +
    `Q${n(left + 0.1 * grip)},0 ${n(left + 0.35 * grip)},0L${n(right - 0.3 * grip)},0Q${n(right)},0 ${n(right)},${n(0.1 * top)}` +
    `C${n(right - 2 * waist)},${n(0.4 * top)} ${n(right + waist)},${n(0.65 * top)} ${n(right)},${n(top)}Z`;
  return {
    blade: bladePath,
    handle: handlePath,
    edge,
    edgeTopMm: top,
    widthMm: width,
    lengthMm: tipY,
  };
}

/** A blade between two handles, hung by its upper one: both turn toward the one who pulls. */
function twoHandles(tool: Measures): Outline {
  const { edgeLengthMm: length, bladeWidthMm: width } = tool;
  const { handleLengthMm: handle } = tool.outline;
  const grip = 26;
  const [top, end] = [grip + 14, grip + 14 + length];
  const edge = `M${n(width)},${n(top)}L${n(width)},${n(end)}`;
  const blade = `${edge}L${n(0.45 * width)},${n(end + 14)}L0,${n(end)}L0,${n(top)}L${n(0.45 * width)},${n(top - 14)}Z`;
  /** One handle, across, its thicker end away from the blade. */
  const across = (y: number): string =>
    `M${n(0.3 * width)},${n(y - 7)}L${n(0.3 * width + handle)},${n(y - grip / 2)}` +
    `Q${n(0.3 * width + handle + 9)},${n(y)} ${n(0.3 * width + handle)},${n(y + grip / 2)}L${n(0.3 * width)},${n(y + 7)}Z`;
  return {
    blade,
    handle: `${across(grip / 2)}${across(end + 14 + grip / 2)}`,
    edge,
    edgeTopMm: top,
    widthMm: 0.3 * width + handle + 5,
    lengthMm: end + 14 + grip,
  };
}

/** An axe hung by its head: poll to the left, bit to the right, haft down. */
function axe(tool: Measures): Outline {
  const { edgeLengthMm: bit, bladeWidthMm: reach, spineThicknessMm: thick } = tool;
  const { handleLengthMm: haft, flareShare } = tool.outline;
  const poll = 0.32 * reach;
  const eyeX = poll + 0.22 * reach;
  const bitX = poll + reach;
  const cheek = bit * (1 - 0.75 * flareShare);
  const top = 0;
  const cheekTop = top + (bit - cheek) * 0.35;
  const cheekBottom = cheekTop + cheek;
  const bow = 0.1 * bit;

  const edge = `M${n(bitX - bow)},${n(top + bit)}Q${n(bitX + bow)},${n(top + 0.5 * bit)} ${n(bitX - bow)},${n(top)}`;
  const head =
    `${edge}Q${n(eyeX + 0.35 * reach)},${n(cheekTop + 0.05 * bit)} ${n(eyeX)},${n(cheekTop)}` +
    `L0,${n(cheekTop)}L0,${n(cheekBottom - 0.12 * bit)}L${n(eyeX)},${n(cheekBottom - 0.1 * bit)}` +
    `Q${n(eyeX + 0.4 * reach)},${n(cheekBottom)} ${n(bitX - bow)},${n(top + bit)}Z`;

  const half = Math.max(13, 0.55 * thick);
  const centre = poll + 0.02 * reach;
  const from = cheekTop - 6;
  const to = from + haft;
  const sway = 0.022 * haft;
  const handlePath =
    `M${n(centre - half)},${n(from)}C${n(centre - half)},${n(from + 0.4 * haft)} ${n(centre - half - 2 * sway)},${n(from + 0.7 * haft)} ${n(centre - half - 0.2 * sway)},${n(to - 8)}` +
    `Q${n(centre)},${n(to + 8)} ${n(centre + half + 10)},${n(to)}` +
    `C${n(centre + half - sway)},${n(from + 0.75 * haft)} ${n(centre + half)},${n(from + 0.4 * haft)} ${n(centre + half)},${n(from)}Z`;
  return {
    blade: head,
    handle: handlePath,
    edge,
    edgeTopMm: top,
    widthMm: bitX + 0.2 * bow,
    lengthMm: to + 4,
  };
}

const n = (value: number): string => String(Math.round(value * 10) / 10);
