'use client';

import { guideWords as say } from '../../ui/words/screens/guide';
import dynamic from 'next/dynamic';
import type { ComponentProps } from 'react';
import { isWorked } from '../../domain/observation';
import type { Session } from '../../domain/session';
import { contactOf, wantsBurr } from '../../core';
import { ActionRow } from '../../ui/ActionRow';
import { BurrWalk } from './BurrWalk';
import { Deburr } from './Deburr';

const GuidePictures = dynamic(() => import('./GuidePictures'), { ssr: false });
import { InkCheck } from './InkCheck';

/** What a look in mid-step can tell: whether the strokes reach the edge, where a burr stands, and how it
 * comes off. */
export default function LookPanel(
  props: ComponentProps<typeof InkCheck> &
    ComponentProps<typeof BurrWalk> &
    ComponentProps<typeof Deburr> & { session: Session; onBack: () => void },
) {
  const { session } = props;
  const isTouched = session.steps.some(isWorked);
  return (
    <>
      <div className="mx-auto grid w-full max-w-3xl flex-1 content-start gap-8 px-4 py-6 sm:px-8">
        <InkCheck {...props} />
        {props.step.kind === 'stone' && wantsBurr(contactOf(props.step)) && (
          <>
            <BurrWalk {...props} />
            <Deburr {...props} />
          </>
        )}
        {!isTouched && <GuidePictures session={session} tool={props.tool} stage="before" />}
      </div>
      <ActionRow>
        <button type="button" className="btn btn-primary" onClick={props.onBack}>
          {say.goOnWithThisStep}
        </button>
      </ActionRow>
    </>
  );
}
