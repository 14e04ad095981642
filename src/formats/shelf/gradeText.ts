import type { ShelfGrade } from '../../domain/grade';
import { NAMED_GRADES, type NumberedScale } from '../../domain/terms';

/** How each scale is written before its number, or after it. */
const BEFORE: Record<Exclude<NumberedScale, 'micron'>, string> = {
  'fepa-p': 'P',
  'fepa-f': 'F',
  cami: 'CAMI',
  jis: 'JIS',
  mesh: 'mesh',
};

/** A grade as it stands on the thing: P 400, JIS 1000, 25 µm, 18–32 µm, 2.45 g/ml, hard novaculite. */
export function gradeText(grade: ShelfGrade): string {
  switch (grade.scale) {
    case 'natural':
      return grade.named!.replaceAll('-', ' ');
    case 'range':
      return `${grade.finestUm}–${grade.coarsestUm} µm`;
    case 'micron':
      return `${grade.number} µm`;
    case 'density':
      return `${grade.number} g/ml`;
    default:
      return `${BEFORE[grade.scale]} ${grade.number}`;
  }
}

const NUMBER = String.raw`(\d+(?:[.,]\d+)?)`;
const RANGE = new RegExp(`^${NUMBER}\\s*(?:-|–|to)\\s*${NUMBER}\\s*(?:µm|μm|um|micron)s?$`, 'i');
const MICRON = new RegExp(`^${NUMBER}\\s*(?:µm|μm|um|microns?)$`, 'i');
const DENSITY = new RegExp(`^${NUMBER}\\s*g\\s*/\\s*(?:ml|cm3|cm³)$`, 'i');
const NUMBERED = new RegExp(`^(P|F|CAMI|JIS|mesh)\\s*${NUMBER}$`, 'i');
const MESH_AFTER = new RegExp(`^${NUMBER}\\s*mesh$`, 'i');

/** The grade that a text says; null where it says none. Limits of the scales are the schema's matter. */
export function readGrade(text: string): ShelfGrade | null {
  const said = text.trim();
  const none = { number: null, named: null, finestUm: null, coarsestUm: null };
  const range = RANGE.exec(said);
  if (range) {
    const [a, b] = [decimal(range[1]!), decimal(range[2]!)];
    return { ...none, scale: 'range', finestUm: Math.min(a, b), coarsestUm: Math.max(a, b) };
  }
  const micron = MICRON.exec(said);
  if (micron) return { ...none, scale: 'micron', number: decimal(micron[1]!) };
  const density = DENSITY.exec(said);
  if (density) return { ...none, scale: 'density', number: decimal(density[1]!) };
  const mesh = MESH_AFTER.exec(said);
  if (mesh) return { ...none, scale: 'mesh', number: decimal(mesh[1]!) };
  const numbered = NUMBERED.exec(said);
  if (numbered) {
    const [scale] = Object.entries(BEFORE).find(
      ([, word]) => word.toLowerCase() === numbered[1]!.toLowerCase(),
    )!;
    return { ...none, scale: scale as NumberedScale, number: decimal(numbered[2]!) };
  }
  const named = NAMED_GRADES.find((word) => word === said.toLowerCase().replace(/[\s_]+/g, '-'));
  return named ? { ...none, scale: 'natural', named } : null;
}

function decimal(digits: string): number {
  return Number(digits.replace(',', '.'));
}
