import { day, deg, grams, minutes, ml, mm, um } from '../format';
import { spokenText } from './closedWords';

/** A field of a record in words: where it lies, and what is in it. */

/** Fields whose names, taken apart, would not say what they are. */
const NAMES: Record<string, string> = {
  archivedAt: 'put away',
  bevelAngleDeg: 'angle',
  bladeWidthMm: 'blade width',
  carriedAnyway: 'carried anyway',
  checkedInAt: 'looked through on return',
  deletedAt: 'taken down',
  handleOf: 'shares a handle with',
  hardnessLowHrc: 'hardness, at least',
  hardnessHighHrc: 'hardness, at most',
  hollowRadiusMm: 'radius of the hollow',
  kind: 'kind',
  massG: 'weight',
  mostG: 'most grams',
  primaryAngleDeg: 'angle behind the bevel',
  shoulderThicknessMm: 'thickness at the shoulder',
  targetApexUm: 'target',
  toolIds: 'tools that go along',
  traced: 'silhouette',
};

const UNIT = /(Deg|Mm|Um|Hrc|G|Ml|MlPerDay|Km|N)$/;

/** The name of a field by its path: stretches, days and things first, then what of them. */
export function fieldName(path: readonly string[], nameOf = (key: string): string => key): string {
  return path.map((part) => partName(part, nameOf)).join(', ');
}

function partName(part: string, nameOf: (key: string) => string): string {
  if (part.startsWith('#') || part.startsWith('=')) {
    return part
      .slice(1)
      .split(' ')
      .map((key) => (/^\d+$/.test(key) ? `day ${Number(key) + 1}` : nameOf(key)))
      .join(', ');
  }
  const place = /^\[(\d+)\]$/.exec(part);
  if (place) return `number ${Number(place[1]) + 1}`;
  return (
    NAMES[part] ??
    part
      .replace(UNIT, '')
      .replaceAll(/([A-Z])/g, ' $1')
      .toLowerCase()
  );
}

/** What is in a field, with its unit, shortly. */
export function fieldValue(path: readonly string[], value: unknown): string {
  const field = path.findLast((part) => !/^[#=[]/.test(part)) ?? '';
  if (field === 'traced') return value ? 'traced on a photo' : 'drawn from its measures';
  if (value === undefined || value === null || value === '') return 'none';
  if (typeof value === 'boolean') return value ? 'yes' : 'no';
  if (typeof value === 'number') return numberWords(field, value);
  if (typeof value === 'string') return textWords(value);
  if (Array.isArray(value)) {
    return value.length === 0 ? 'none' : value.map((each) => fieldValue([], each)).join(', ');
  }
  const { name, id, hours } = value as { name?: string; id?: string; hours?: number };
  if (hours !== undefined) return `${hours} h`;
  if (name ?? id) return name ?? id!;
  return Object.entries(value as object)
    .map(([own, each]) => `${partName(own, (key) => key)} ${fieldValue([own], each)}`)
    .join(', ');
}

const LONGEST = 80;

function textWords(text: string): string {
  if (/^\d{4}-\d{2}-\d{2}T/.test(text)) return day(text);
  const said = spokenText(text);
  return said.length > LONGEST ? `${said.slice(0, LONGEST)} …` : said;
}

function numberWords(field: string, value: number): string {
  const unit = UNIT.exec(field)?.[1];
  switch (unit) {
    case 'Deg':
      return deg(value);
    case 'Mm':
      return mm(value);
    case 'Um':
      return um(value);
    case 'Hrc':
      return `${value} HRC`;
    case 'G':
      return grams(value);
    case 'Ml':
    case 'MlPerDay':
      return ml(value);
    default:
      break;
  }
  if (field === 'hours') return `${value} h`;
  if (field.startsWith('minutes')) return minutes(value);
  return String(value);
}
