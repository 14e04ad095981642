'use client';

import { guideWords as say } from './words/guideWords';
import Link from '../../ui/Link';
import { StopUse } from '../../ui/StopUse';
import { useRouter, useSearchParams } from 'next/navigation';
import { useEffect } from 'react';
import { useRecord, useRecords, useSettings, useToolStops } from '../../live';
import { Guide } from './Guide';
import { useSittingTurn } from './useSittingTurn';

/** The guide of one session; a finished one leads on to its entry in the log. */
export function GuideScreen() {
  const id = useSearchParams().get('session') ?? '';
  const live = useRecord('sessions', id);
  const { record: session } = live;
  const tools = useRecords('tools');
  const settings = useSettings();
  const router = useRouter();
  const stops = useToolStops(session?.toolId ?? '');
  const finished = Boolean(session?.finishedAt);
  const turn = useSittingTurn();
  const tool = tools?.find((record) => record.id === session?.toolId);
  useEffect(() => {
    // The entry is shown when it is on the disk, and not before; first comes what is left of a sitting.
    if (!finished || live.saved !== 'saved' || !session) return;
    void turn(session).then((isAnother) => {
      if (isAnother) return;
      const isSitting = session.sitting.length > 1;
      router.replace(isSitting ? `/touch-up/after?session=${id}` : `/log/entry?id=${id}`);
    });
    // eslint-disable-next-line react-hooks/exhaustive-deps -- once, when it is finished
  }, [finished, live.saved, id]);
  if (finished && live.saved === 'not saved') return <DoneNotSaved />;
  if (session === undefined || !tools || !settings || !stops || finished) return null;

  const zone = tool?.zones.find((record) => record.id === session?.zoneId);
  if (!session || !tool || !zone) {
    return (
      <section className="mx-auto w-full max-w-3xl px-4 py-12 sm:px-8">
        <h1>{say.thereIsNoSuchTouch}</h1>
        <p className="mt-3">
          {say.itMayBeOnAnother}{' '}
          <Link href="/touch-up" className="link">
            {say.chooseAnEdge}
          </Link>
        </p>
      </section>
    );
  }
  if (stops.length > 0) {
    return (
      <div className="mx-auto w-full max-w-3xl px-4 py-12 sm:px-8">
        <h1>{tool.name}</h1>
        <p className="mt-3">{say.whatWasCountedSoFar}</p>
        <StopUse toolId={tool.id} stops={stops} />
      </div>
    );
  }
  return (
    <Guide key={id} live={live} session={session} tool={tool} zone={zone} settings={settings} />
  );
}

/** A touch-up is done, and its entry cannot be shown before it is saved. */
function DoneNotSaved() {
  return (
    <section className="mx-auto w-full max-w-3xl px-4 py-12 sm:px-8">
      <h1>{say.doneAndNotSavedYet}</h1>
      <p className="mt-3">{say.theEntryOpensAsSoon}</p>
    </section>
  );
}
