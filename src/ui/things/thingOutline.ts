import type { AbrasiveForm, StropForm } from '../../domain/terms';

/** The least that a thing is drawn high, so that a thin rod can be seen. */
const LEAST_HEIGHT_PX = 3;
/** Length of a handle or tang as a share of the surface. */
const HANDLE = 0.3;

/** The outline of a thing from above, its surface from x = 0 on, in px. */
export interface ThingOutline {
  outline: string;
  /** Length of the surface as it is drawn. */
  lengthPx: number;
  widthPx: number;
  heightPx: number;
}

/** Outline by form from length and width; what is longer than `mostPx` ends torn. */
export function thingOutline(
  thing: { form: AbrasiveForm | StropForm; lengthMm: number; widthMm: number },
  pxPerMm: number,
  mostPx: number,
): ThingOutline {
  const { form } = thing;
  const handled = form === 'file' || form === 'steel' || form === 'paddle';
  const wholePx = thing.lengthMm * pxPerMm * (handled ? 1 + HANDLE : 1);
  const isCut = wholePx > mostPx;
  const widthPx = Math.min(wholePx, mostPx);
  const lengthPx = handled && !isCut ? widthPx / (1 + HANDLE) : widthPx;
  const h = Math.max(LEAST_HEIGHT_PX, thing.widthMm * pxPerMm);
  return { outline: path(form, lengthPx, widthPx, h, isCut), lengthPx, widthPx, heightPx: h };
}

function path(form: AbrasiveForm | StropForm, l: number, w: number, h: number, isCut: boolean) {
  const end = isCut ? torn(w, h) : null;
  const round = (r: number): string =>
    `M${r},0H${w - r}A${r},${r} 0 0 1 ${w},${r}V${h - r}A${r},${r} 0 0 1 ${w - r},${h}H${r}A${r},${r} 0 0 1 0,${h - r}V${r}A${r},${r} 0 0 1 ${r},0Z`;
  if (end) return `M0,0H${w}${end}H0Z`;
  switch (form) {
    case 'puck':
      return ellipse(w, h);
    case 'pebble':
      return `M${w * 0.1},${h * 0.45}C${w * 0.05},${h * 0.05} ${w * 0.55},${-h * 0.05} ${w * 0.86},${h * 0.16}C${w * 1.08},${h * 0.36} ${w},${h * 0.86} ${w * 0.7},${h * 0.97}C${w * 0.35},${h * 1.05} ${-w * 0.02},${h * 0.9} ${w * 0.1},${h * 0.45}Z`;
    case 'rod':
    case 'hanging-strop':
      return round(Math.min(h / 2, 4));
    case 'pull-through':
      return `M0,0H${w * 0.42}L${w * 0.5},${h * 0.6}L${w * 0.58},0H${w}V${h}H0Z`;
    case 'file':
      return `M0,0H${l}L${w},${h * 0.4}V${h * 0.6}L${l},${h}H0Z`;
    case 'steel':
    case 'paddle':
      return `M0,0H${l}V${h * 0.28}H${w}V${h * 0.72}H${l}V${h}H0Z`;
    case 'curved-block':
      return `M0,0Q${w / 2},${h * 0.35} ${w},0V${h}Q${w / 2},${h * 0.65} 0,${h}Z`;
    case 'paper':
      return `M0,0H${w}V${h - 4}L${w - 4},${h}H0Z`;
    default:
      return round(Math.min(2, h / 4));
  }
}

function ellipse(w: number, h: number): string {
  return `M0,${h / 2}A${w / 2},${h / 2} 0 0 1 ${w},${h / 2}A${w / 2},${h / 2} 0 0 1 0,${h / 2}Z`;
}

/** An end that goes on beyond the drawing. */
function torn(w: number, h: number): string {
  return `L${w - 5},${h / 3}L${w},${(2 * h) / 3}L${w - 5},${h}`;
}
