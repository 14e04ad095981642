'use client';

import { tripBackWords as say } from './words';
import { edgeName } from '../../../domain/edgeName';
import type { Observation } from '../../../domain/session';
import type { Tool, Zone } from '../../../domain/tool';
import Link from '../../../ui/Link';
import { ObservationFields } from '../../../ui/ObservationFields';
import { seenInWords } from '../../../ui/words/seenWords';

/** One edge that came back: folded until it is its turn, its state in a word from then on. */
export function EdgeBack(props: {
  tool: Tool;
  zone: Zone;
  seen: Observation;
  /** Whether the whole edge was walked since. */
  isWalked: boolean;
  onSeen: (seen: Observation) => void;
}) {
  const { tool, zone, seen, isWalked, onSeen } = props;
  return (
    <li className="border-b border-rule">
      <details>
        <summary className="flex min-h-14 cursor-pointer flex-wrap items-center gap-x-4 py-1">
          <span className="sign text-xl">{edgeName(tool, zone)}</span>
          <span className="ml-auto">{backWords(seen, isWalked)}</span>
        </summary>
        <div className="grid gap-3 pb-4">
          <ObservationFields
            value={seen}
            onChange={onSeen}
            zone={zone}
            legend={say.theFinestTestItPasses(edgeName(tool, zone))}
          />
          <Link
            href={`/inspect?tool=${tool.id}&zone=${zone.id}`}
            className="link inline-flex min-h-12 items-center justify-self-start"
          >
            {say.moreIsWrong}
          </Link>
        </div>
      </details>
    </li>
  );
}

function backWords(seen: Observation, isWalked: boolean): string {
  if (seen.tests.length + seen.findings.length > 0) return seenInWords(seen);
  return isWalked ? say.lookedAlongAndSaved : say.notLookedAt;
}
