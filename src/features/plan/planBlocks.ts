import { heldStep, stepHold } from '../../core/hold';
import type { JobPlan } from '../../core/jobs';
import { toolForm } from '../../core/ladder';
import { edgeName } from '../../domain/edgeName';
import type { Tool, Zone } from '../../domain/tool';
import type { MarkdownBlock } from '../../formats/markdown';
import { countSpan, minutesSpan, um } from '../../ui/format';
import { holdLine } from '../../ui/words/holdWords';
import { planText } from '../../ui/words/planText';
import { stepWords } from '../../ui/words/stepWords';

/** A plan as a text: its steps with strokes, hold and the sign that ends each. */
export function planBlocks(
  plan: JobPlan,
  edge: { tool: Tool; zone: Zone; coinThicknessMm: number },
): MarkdownBlock[] {
  const { tool, zone } = edge;
  return [
    { heading: planText.heading(edgeName(tool, zone), minutesSpan(plan)), level: 1 },
    ...plan.steps.map((step, i): MarkdownBlock => {
      const hold = stepHold(heldStep(step), edge);
      const [until] = stepWords(step, toolForm(tool.kind) === 'axe').doneWhen;
      const { strokesPerSide, strokesPerSideLow, strokesPerSideHigh, abrasive } = step;
      return {
        text: [
          planText.step(i + 1, `${abrasive.name}, ${um(abrasive.sizeUm)}`),
          planText.strokes(countSpan(strokesPerSide, strokesPerSideLow, strokesPerSideHigh)),
          ...(hold ? [holdLine(hold)] : []),
          planText.until(until!),
        ].join('\n'),
      };
    }),
  ];
}
