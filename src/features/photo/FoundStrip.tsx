import type { EdgeNeed } from '../../core/inspection';
import type { Glint } from '../../core/measure';
import { finding } from '../../domain/observation';
import { EdgeStrip } from '../../ui/edge-strip/EdgeStrip';
import { placeMm } from '../../ui/format';
import { photoWords as say } from './words';
import type { PhotoMeasures } from './photoMeasures';

/** The edge as a rule, heel to tip, with what the photo shows on it: nothing before a chip or a glint is found. */
export function FoundStrip(props: {
  need: EdgeNeed;
  found: PhotoMeasures;
  /** In the tool's own millimetres. */
  glints: readonly Glint[];
}) {
  const { need, found, glints } = props;
  const { tool, zone, state } = need;
  const { chip, chipAtMm } = found;
  const findings = [
    ...(chip && chipAtMm !== null ? [finding('chip', chipAtMm, chip.mm)] : []),
    ...glints.map(({ fromMm, toMm }) => finding('glint', (fromMm + toMm) / 2, 0)),
  ];
  if (findings.length === 0) return null;
  return (
    <section aria-label={say.onTheEdge} className="mt-2">
      <EdgeStrip
        edgeLengthMm={tool.edgeLengthMm}
        stretches={[{ ...zone, word: state.word, findings }]}
        ends={[say.heel, placeMm(tool.edgeLengthMm)]}
      />
    </section>
  );
}
