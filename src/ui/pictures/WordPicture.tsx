import type { ReactNode } from 'react';
import { pictureWords } from '../words/glossary/pictureWords';
import type { WordId } from '../words/glossary/wordForms';
import { AnglePicture, ApexPicture, LipPicture, SectionPicture } from './edgePictures';
import {
  BackEndPicture,
  BracedPicture,
  ForcePicture,
  FromAbovePicture,
  InkPicture,
  SectionsPicture,
  SpineLiftPicture,
  StrokePicture,
} from './movePictures';
import { HEIGHT, WIDTH } from './parts';
import {
  ChipPicture,
  GlintPicture,
  SilhouettePicture,
  StatesPicture,
  WavePicture,
  WedgingPicture,
} from './seenPictures';
import { TestPicture } from './testPictures';
import {
  CarbidesPicture,
  CompoundPicture,
  FinenessPicture,
  HardnessPicture,
  HollowStonePicture,
  LadderPicture,
  LubricantPicture,
  SpanPicture,
  SteelLeftPicture,
  ThingPicture,
  ThinningPicture,
} from './thingPictures';

const MICRO = { microBevel: { angleDeg: 25, faceWidthMm: 0.3 } };
/** A coin of the usual thickness, for size. */
const COIN_MM = 2.33;

/** What every word looks like. */
const PICTURES: Record<WordId, () => ReactNode> = {
  'angle-per-side': () => <AnglePicture />,
  inclusive: () => <AnglePicture both />,
  bevel: () => <SectionPicture kind="flat-knife" depthMm={4} heavy={[0, 0.78]} />,
  'micro-bevel': () => (
    <SectionPicture kind="flat-knife" change={MICRO} depthMm={1.2} heavy={[0, 0.27]} />
  ),
  apex: () => <ApexPicture radiusUm={1} words={pictureWords.um(1)} />,
  'apex-radius': () => <ApexPicture radiusUm={4} words={pictureWords.um(4)} />,
  shoulder: () => <SectionPicture kind="flat-knife" depthMm={4} dots={[0.82]} />,
  cheek: () => <SectionPicture kind="hatchet" depthMm={40} heavy={[8.5, 40]} />,
  facet: () => <SectionPicture kind="flat-knife" change={MICRO} depthMm={2} heavy={[0, 0.27]} />,
  thickness: () => <SectionPicture kind="flat-knife" depthMm={2.4} measured={[0.25, 1]} />,
  stretch: () => <SilhouettePicture kind="machete" from={0} to={0.4} />,
  heel: () => <SilhouettePicture kind="scandi-knife" from={0} to={0.15} />,
  toe: () => <SilhouettePicture kind="scandi-knife" from={0.86} to={1} />,
  belly: () => <SilhouettePicture kind="skinning-knife" from={0.3} to={1} />,
  recurve: () => <SilhouettePicture kind="recurve-hook" from={0} to={1} />,
  scandi: () => <SectionPicture kind="scandi-knife" depthMm={12} heavy={[0, 7]} />,
  convex: () => <SectionPicture kind="felling-axe" depthMm={24} heavy={[0, 10]} />,
  'secondary-bevel': () => <SectionPicture kind="machete" depthMm={8} heavy={[0, 1.45]} />,
  hollow: () => (
    <SectionPicture kind="skinning-knife" change={{ hollowRadiusMm: 30 }} depthMm={16} />
  ),
  contour: () => <SilhouettePicture kind="billhook" from={0} to={1} />,
  hardness: () => <HardnessPicture />,
  carbides: () => <CarbidesPicture />,
  burr: () => <LipPicture isBurr />,
  chip: () => <ChipPicture coinMm={COIN_MM} />,
  roll: () => <LipPicture isBurr={false} />,
  glint: () => <GlintPicture />,
  rust: () => <SilhouettePicture kind="scandi-knife" from={0} to={1} spots />,
  'out-of-true': () => <WavePicture />,
  wedges: () => <WedgingPicture />,
  ink: () => <InkPicture />,
  'edge-leading': () => <StrokePicture way="edge first" />,
  'edge-trailing': () => <StrokePicture way="spine first" />,
  'both-ways': () => <StrokePicture way="both" />,
  circles: () => <FromAbovePicture way="circles" />,
  sweeps: () => <FromAbovePicture way="sweep" />,
  'back-end': () => <BackEndPicture words />,
  'spine-lift': () => <SpineLiftPicture coins={2} />,
  coins: () => <SpineLiftPicture coins={4} />,
  sections: () => <SectionsPicture />,
  force: () => <ForcePicture />,
  deburr: () => <LipPicture isBurr />,
  braced: () => <BracedPicture />,
  'pops-hair': () => <TestPicture test="pops-hair" />,
  shaves: () => <TestPicture test="shaves" />,
  'push-cuts': () => <TestPicture test="push-cuts" />,
  'slices-paper': () => <TestPicture test="slices-paper" />,
  'tears-paper': () => <TestPicture test="tears-paper" />,
  'slides-on-nail': () => <TestPicture test="slides-on-nail" />,
  tests: () => <TestPicture test="slices-paper" />,
  'edge-states': () => <StatesPicture />,
  micrometre: () => <FinenessPicture />,
  grit: () => <FinenessPicture />,
  file: () => <ThingPicture name="mill file" />,
  diamond: () => <ThingPicture name="medium plate" />,
  novaculite: () => <ThingPicture name="oil stone" />,
  puck: () => <ThingPicture name="puck" />,
  strop: () => <ThingPicture name="strop on a board" />,
  compound: () => <CompoundPicture />,
  hone: () => <ThingPicture name="honing steel" />,
  hollowed: () => <HollowStonePicture />,
  ladder: () => <LadderPicture />,
  target: () => <StatesPicture />,
  'touch-up': () => <LadderPicture />,
  thinning: () => <ThinningPicture />,
  'steel-left': () => <SteelLeftPicture />,
  span: () => <SpanPicture />,
  lubricant: () => <LubricantPicture />,
};

/** What a word looks like, drawn to scale; a hair, a coin or words say how large. */
export function WordPicture({ id, className }: { id: WordId; className?: string }) {
  return (
    <svg viewBox={`0 0 ${WIDTH} ${HEIGHT}`} className={className} aria-hidden>
      {PICTURES[id]()}
    </svg>
  );
}
