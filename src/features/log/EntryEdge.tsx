import { spoken } from '../../ui/words/closedWords';
import { logWords as say } from './words';
import { damageToMend, edgeWord } from '../../core/inspection';
import { seenApex } from '../../core/sharpness';
import type { Observation } from '../../domain/session';
import type { Tool, Zone } from '../../domain/tool';
import { useTester } from '../../live';
import { EdgeStrip } from '../../ui/edge-strip/EdgeStrip';
import { placeMm } from '../../ui/format';
import { testWords } from '../../ui/words/entryWords';

/** An edge as it stood at one moment of an entry. */
export function EntryEdge(props: {
  title: string;
  tool: Tool;
  zone: Zone;
  seen: Observation;
  worked?: boolean;
}) {
  const { title, tool, zone, seen, worked } = props;
  const byTester = useTester();
  const apex = seenApex(byTester(seen));
  const depthMm = damageToMend(tool, zone, seen.findings);
  const word = apex ? edgeWord(apex.apexRadiusUm, zone.targetApexUm, depthMm) : 'unknown';
  return (
    <section>
      <h2>
        {title}: {testWords(seen)}
      </h2>
      <EdgeStrip
        edgeLengthMm={tool.edgeLengthMm}
        stretches={[{ ...zone, word, findings: seen.findings }]}
        worked={worked ? [zone] : []}
        ends={['heel', placeMm(tool.edgeLengthMm)]}
      />
      <p className="text-soft">
        {apex
          ? say.anApexOfAboutTarget(spoken(word), apex.apexRadiusUm, zone.targetApexUm)
          : say.notTested}
      </p>
    </section>
  );
}
