import { LabLink } from '../../ui/LabLink';
import { spoken } from '../../ui/words/closedWords';
import { planWords as say } from './words/planWords';
import { useMemo } from 'react';
import { damageChoices, edgeWord, triage, type DamageChoice } from '../../core/inspection';
import type { EdgeJob } from '../../core/jobs';
import type { Finding } from '../../domain/session';
import type { DamageWay } from '../../domain/terms';
import { EdgeStrip } from '../../ui/edge-strip/EdgeStrip';
import { minutesSpan, sentence, steel, yearsAhead } from '../../ui/format';
import { ChipSection } from './ChipSection';

/** A chip three ways, side by side: what each takes, what it leaves, and which is chosen. */
export function DamageWays(props: {
  edge: EdgeJob;
  findings: readonly Finding[];
  onChoose: (way: DamageWay) => void;
}) {
  const { edge, findings, onChoose } = props;
  const choices = useMemo(() => damageChoices(edge), [edge]);
  const chosen = triage(edge).way;
  if (choices.length === 0 || !chosen) return null;
  const widest = Math.max(...choices.map(({ facet }) => facet?.widthMm ?? 0));
  const word = edgeWord(edge.apexRadiusUm, edge.zone.targetApexUm, 0);
  const shownMm = Math.max(6 * edge.damageDepthMm, 1.7 * widest, 0.8);
  return (
    <section aria-label={say.theChip} className="mt-3">
      <h2 className="sr-only">{say.chipWays(choices.length)}</h2>
      <div className="grid border-y-2 border-rule md:grid-cols-3 md:divide-x md:divide-rule">
        {choices.map((choice) => {
          const isChosen = choice.way === chosen;
          return (
            <div
              key={choice.way}
              className={`min-w-0 px-3 py-2 ${isChosen ? 'bg-[var(--lit)]' : ''}`}
            >
              <button
                type="button"
                aria-pressed={isChosen}
                className={`fingerpost sign min-h-12 pr-8 pl-3 text-lg ${isChosen ? 'bg-neutral text-neutral-content' : 'border border-rule bg-base-200'}`}
                onClick={() => onChoose(choice.way)}
              >
                {sentence(spoken(choice.way))}
              </button>
              <div className="mt-1 flex items-start gap-x-3">
                <ChipSection
                  {...edge}
                  choice={choice}
                  depthMm={edge.damageDepthMm}
                  shownMm={shownMm}
                />
                <div className="min-w-0 flex-1">
                  <p className="sign figures text-2xl">{damageMinutes(choice)}</p>
                  <p className="figures font-semibold">{say.wholeTouchUp(wholeWords(choice))}</p>
                  {damageWords(choice).map((line) => (
                    <p key={line} className="text-[0.95rem]">
                      {line}
                    </p>
                  ))}
                  {choice.usual && <p className="text-[0.95rem] text-soft">{say.usualHere}</p>}
                </div>
              </div>
              <div className="mt-1">
                <EdgeStrip
                  edgeLengthMm={edge.tool.edgeLengthMm}
                  stretches={[{ ...edge.zone, word, findings }]}
                  worked={worked(choice)}
                />
              </div>
            </div>
          );
        })}
      </div>
      <LabLink toolId={edge.tool.id} zoneId={edge.zone.id} question="years" />
    </section>
  );
}

function damageMinutes(choice: DamageChoice): string {
  const {
    way,
    minutesMore: minutes,
    minutesMoreLow: minutesLow,
    minutesMoreHigh: minutesHigh,
  } = choice;
  return way === 'leave it' ? say.n0Min : minutesSpan({ minutes, minutesLow, minutesHigh });
}

function wholeWords({ plan }: DamageChoice): string {
  return plan.outcome === 'planned' ? minutesSpan(plan) : say.notNeeded;
}

/** What a way takes and what it leaves. */
function damageWords(choice: DamageChoice): string[] {
  const { way, steelMm3, recessionMm, facet, wornOut, plan } = choice;
  if (way !== 'leave it' && plan.outcome === 'out of reach') return [say.wayNotAtHand];
  switch (way) {
    case 'narrow band':
      return [
        steel(steelMm3),
        ...(choice.isNewAngle ? [say.wideAsNewAngle] : []),
        facet ? say.leavesFacet(facet.widthMm, facet.angleDeg) : say.leavesNoFacet,
      ];
    case 'whole face':
      return [steel(steelMm3), say.leavesShorterEdge(recessionMm)];
    case 'leave it': {
      const { touchUps, years } = wornOut!;
      const when = years === null ? '' : `, ${yearsAhead(years)}`;
      return [say.goneAfterAbout(touchUps, when), say.catchesThereUntilThen];
    }
  }
}

function worked({ way, plan }: DamageChoice) {
  if (way === 'leave it') return [];
  const stretch = plan.steps[0]?.stretch;
  return stretch ? [stretch] : [];
}
