import type { HelperKind } from '../../domain/terms';

/** What is drawn of a thing that has no measures of its own, at the size that such things usually have (mm). */
export type HelperShape = 'cloth' | 'glove' | 'box' | 'tin' | 'bottle' | 'bar' | 'pen' | 'coins';

const SIZES_MM: Record<HelperShape, { width: number; height: number }> = {
  cloth: { width: 90, height: 70 },
  glove: { width: 70, height: 90 },
  box: { width: 110, height: 70 },
  tin: { width: 60, height: 26 },
  bottle: { width: 26, height: 70 },
  bar: { width: 60, height: 22 },
  pen: { width: 120, height: 12 },
  coins: { width: 24, height: 24 },
};

const SHAPES: Partial<Record<HelperKind, HelperShape>> = {
  marker: 'pen',
  coins: 'coins',
  gloves: 'glove',
  wipes: 'cloth',
  'oil or wax': 'tin',
};

/** What a helper is drawn as. */
export function shapeOfHelper(kind: HelperKind): HelperShape {
  return SHAPES[kind] ?? 'box';
}

/** How large a shape usually is (mm). */
export function helperSizeMm(shape: HelperShape): { width: number; height: number } {
  return SIZES_MM[shape];
}

/** Each shape on a field of a hundred by a hundred. */
const PATHS: Record<HelperShape, string> = {
  cloth: 'M4,12Q30,0 52,10T96,6Q90,50 96,92Q70,100 48,90T6,94Q12,50 4,12Z',
  glove:
    'M22,98V52L6,36Q2,26 14,28L28,40V10Q30,2 38,8V38V4Q46,-2 52,6V38V6Q60,0 66,8V40V16Q74,8 80,18V62Q80,84 70,98Z',
  box: 'M4,18H96V96H4ZM38,18V4H62V18M50,36V78M28,57H72',
  tin: 'M4,24Q50,0 96,24V76Q50,100 4,76ZM4,24Q50,48 96,24',
  bottle: 'M36,4H64V22Q88,32 88,46V96H12V46Q12,32 36,22Z',
  bar: 'M4,10H96V90H4ZM24,10V90',
  pen: 'M2,50L16,10H98V90H16Z',
  coins: 'M50,4A46,46 0 1 1 49.9,4ZM50,22A28,28 0 1 1 49.9,22Z',
};

/** Something without measures of its own, at the size that such things usually have: its outline is dashed. */
export function HelperDrawing({ shape, pxPerMm }: { shape: HelperShape; pxPerMm: number }) {
  const { width, height } = SIZES_MM[shape];
  return (
    <svg
      width={width * pxPerMm}
      height={height * pxPerMm}
      viewBox="-2 -2 104 104"
      preserveAspectRatio="none"
      aria-hidden
      className="block shrink-0"
    >
      <path
        d={PATHS[shape]}
        fill="var(--color-base-100)"
        stroke="var(--ink)"
        strokeWidth={1.3}
        strokeDasharray="4 3"
        vectorEffect="non-scaling-stroke"
      />
    </svg>
  );
}
