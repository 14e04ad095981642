import { SideScroll } from '../../ui/SideScroll';
import { forceInWords } from '../../core';
import type { Session } from '../../domain/session';
import { isSpineTask } from '../../domain/terms';
import { countSpan, deg, minutes, spoken } from '../../ui/format';
import { testWords } from '../../ui/words/entryWords';

/** The steps of an entry: what was done beside what was planned. */
export function EntrySteps({ session }: { session: Session }) {
  const byGuide = session.written === 'in the guide';
  return (
    <SideScroll label="Steps">
      <table className="table-plain mt-3">
        <thead>
          <tr>
            <th>Step</th>
            <th className="number">Left</th>
            <th className="number">Right</th>
            <th className="number">Planned a side</th>
            <th className="number">Time</th>
            <th>Held at</th>
            <th>Hand</th>
            <th>Test at its end</th>
          </tr>
        </thead>
        <tbody>
          {session.steps.map((step, i) => (
            <tr key={i}>
              <td>
                {step.abrasiveName}
                <p className="text-[0.92rem] text-soft">
                  {step.skipped ? `left out: ${step.skipped}` : `to ${step.task}`}
                </p>
              </td>
              <td className="number">{step.left}</td>
              <td className="number">{step.right}</td>
              <td className="number">
                {byGuide
                  ? countSpan(step.plannedPerSide, step.plannedPerSideLow, step.plannedPerSideHigh)
                  : 'no plan'}
              </td>
              <td className="number">{minutes(step.activeSeconds / 60)}</td>
              <td className="figures whitespace-nowrap">
                {!byGuide
                  ? 'not said'
                  : isSpineTask(step.task)
                    ? 'square'
                    : `${deg(step.angleDeg)} per side`}
              </td>
              <td>
                {byGuide
                  ? `${forceInWords(step)}, ${spoken(step.motion)}, ${step.lubricant}`
                  : spoken(step.motion)}
              </td>
              <td>{testWords({ tests: step.tests, findings: [] })}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </SideScroll>
  );
}
