'use client';

import dynamic from 'next/dynamic';
import { gateAt } from '../../core/touchUp';
import type { Session } from '../../domain/session';
import type { Settings } from '../../domain/settings';
import type { Tool, Zone } from '../../domain/tool';
import type { Counting } from './useCounting';
import type { GuideAction } from './guideAction';

const LookPanel = dynamic(() => import('./LookPanel'), { ssr: false });
const LeavePanel = dynamic(() => import('./LeavePanel'), { ssr: false });
const StepPanel = dynamic(() => import('./StepPanel'), { ssr: false });
const TestPanel = dynamic(() => import('./TestPanel'), { ssr: false });
const FinishPanel = dynamic(() => import('./FinishPanel'), { ssr: false });

/** What the guide shows: its count, or one of the panels that take its place. */
export type PanelName = 'count' | 'test' | 'look' | 'step' | 'leave' | 'finish';

/** A panel over the count: a test, a look at the edge, another way for this step, or the end. */
// eslint-disable-next-line max-lines-per-function -- a table of panels, a few lines each
export function GuidePanel(props: {
  panel: Exclude<PanelName, 'count'>;
  session: Session;
  tool: Tool;
  zone: Zone;
  settings: Settings;
  act: (action: GuideAction) => void;
  show: (panel: PanelName) => void;
  counting: Counting;
  /** Leaves the present step, whatever its looks say. */
  onLeave: () => void;
}) {
  const { panel, session, tool, zone, settings, act, show, counting, onLeave } = props;
  const { stepIndex: from } = session;
  const step = session.steps[from]!;
  const isLast = from === session.steps.length - 1;
  const edge = { tool, zone, onBack: () => show('count') };
  switch (panel) {
    case 'test':
      return (
        <TestPanel
          {...edge}
          session={session}
          coinThicknessMm={settings.coinThicknessMm}
          onTest={(reading) => act({ type: 'test', reading })}
          onFinish={() => show('finish')}
        />
      );
    case 'look':
      return (
        <LookPanel
          {...edge}
          session={session}
          step={step}
          worked={session.side}
          coinThicknessMm={settings.coinThicknessMm}
          onSeen={(seen) => act({ type: 'ink', seen })}
          onFelt={(side, felt) => act({ type: 'burr', side, felt })}
          onDeburred={(way) => act({ type: 'deburr', way })}
        />
      );
    case 'step':
      return (
        <StepPanel
          {...edge}
          session={session}
          pacePerMinute={settings.strokesPerMinute[step.motion]}
          counting={counting}
          onByFeel={(on) => {
            act({ type: 'by feel', on });
            show('count');
          }}
          onPrevious={() => {
            act({ type: 'previous step', from });
            show('count');
          }}
          onGoOnWith={(steps) => {
            act({ type: 'go on with', from, steps });
            show('count');
          }}
          onSkip={(reason) => {
            act({ type: 'skip step', from, reason });
            show(isLast ? 'finish' : 'count');
          }}
        />
      );
    case 'leave':
      return (
        <LeavePanel
          {...edge}
          gate={gateAt(session) ?? { early: false, first: true }}
          step={step}
          worked={session.side}
          act={act}
          onNext={onLeave}
        />
      );
    case 'finish':
      return (
        <FinishPanel
          {...edge}
          session={session}
          onTest={(reading) => act({ type: 'test', reading })}
          onNote={(notes) => act({ type: 'note', notes })}
          onFinish={(findings, notes) => act({ type: 'finish', findings, notes })}
        />
      );
  }
}
