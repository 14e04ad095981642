'use client';

import dynamic from 'next/dynamic';
import type { Session } from '../../domain/session';
import type { Settings } from '../../domain/settings';
import type { Tool, Zone } from '../../domain/tool';
import type { Beat } from './beat';
import type { GuideAction } from './guideAction';

const LookPanel = dynamic(() => import('./LookPanel'), { ssr: false });
const StepPanel = dynamic(() => import('./StepPanel'), { ssr: false });
const TestPanel = dynamic(() => import('./TestPanel'), { ssr: false });
const FinishPanel = dynamic(() => import('./FinishPanel'), { ssr: false });

/** What the guide shows: its count, or one of the panels that take its place. */
export type PanelName = 'count' | 'test' | 'look' | 'step' | 'finish';

/** A panel over the count: a test, a look at the edge, another way for this step, or the end. */
export function GuidePanel(props: {
  panel: Exclude<PanelName, 'count'>;
  session: Session;
  tool: Tool;
  zone: Zone;
  settings: Settings;
  act: (action: GuideAction) => void;
  show: (panel: PanelName) => void;
  beat: Beat;
  onBeat: (beat: Beat) => void;
}) {
  const { panel, session, tool, zone, settings, act, show, beat, onBeat } = props;
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
          beat={beat}
          onBeat={onBeat}
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
