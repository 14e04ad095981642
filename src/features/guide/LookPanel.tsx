'use client';

import { guideWords as say } from '../../ui/words/screens/guide';
import type { ComponentProps } from 'react';
import { contactOf, wantsBurr } from '../../core';
import { ActionRow } from '../../ui/ActionRow';
import { BurrWalk } from './BurrWalk';
import { Deburr } from './Deburr';
import { InkCheck } from './InkCheck';

/** What a look in mid-step can tell: whether the strokes reach the edge, where a burr stands, and how it
 * comes off. */
export default function LookPanel(
  props: ComponentProps<typeof InkCheck> &
    ComponentProps<typeof BurrWalk> &
    ComponentProps<typeof Deburr> & { onBack: () => void },
) {
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
      </div>
      <ActionRow>
        <button type="button" className="btn btn-primary" onClick={props.onBack}>
          {say.goOnWithThisStep}
        </button>
      </ActionRow>
    </>
  );
}
