'use client';

import { firstAnswerLink } from '../../ui/links';
import { ActionBar } from '../../ui/ActionBar';
import { nanoid } from 'nanoid';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { stampNow } from '../../domain/clock';
import { newOne, useDraftState, useRecords, useShelf, useUndoable } from '../../live';
import { sentence } from '../../ui/format';
import Link from '../../ui/Link';

import { layOut } from '../../ui/words/layOutWords';
import { GroundDrawing, nameOf } from './GroundDrawing';
import {
  changed,
  counts,
  EMPTY_GROUND,
  without,
  withThing,
  withTool,
  type Ground,
  type Laid,
} from './laid';
import { layOutRecords } from './layOutRecords';
import { Question } from './Question';
import { ThingTray, ToolTray } from './Tray';
import type { ToolKind } from '../../domain/kinds';

type Side = 'tools' | 'things';

/** The first hour: what a person has, ticked on the ground before them, each with its usual measures. */
export function LayOutScreen() {
  const [side, setSide] = useState<Side>('tools');
  const left = useDraftState<Ground>('laid out', '', EMPTY_GROUND, {
    title: (own) => layOut.draft(counts(own).tools, counts(own).things),
    href: '/lay-out',
  });
  const ground = left.value;
  const own = ground.laid.find(({ key }) => key === ground.lastKey);
  const goOn = useGoOn(ground, left.done);
  if (!goOn) return null;
  return (
    <>
      <div className="mx-auto w-full max-w-[82rem] flex-1">
        <div className="flex flex-wrap items-baseline gap-x-6 px-4 pt-2 sm:px-8">
          <h1>{layOut.title}</h1>
          <p className="text-soft">{layOut.how}</p>
        </div>
        <h2 className="sr-only">{layOut.ground}</h2>
        <GroundDrawing
          ground={ground}
          onChoose={(key) => left.change({ ...ground, lastKey: key })}
        />
        <div className="min-h-24">
          {own && (
            <Question
              own={own}
              onChange={(change) => left.change(changed(ground, own.key, change))}
            />
          )}
        </div>
        <Sides side={side} onTurn={setSide} />
        <div className="grid gap-x-8 px-2 pb-2 sm:px-8 lg:grid-cols-2">
          <div className={side === 'tools' ? '' : 'max-lg:hidden'}>
            <TrayTitle title={layOut.tools} hint={layOut.someTool} />
            <ToolTray
              ground={ground}
              onLay={(kind) => left.change(withTool(ground, kind as ToolKind))}
            />
          </div>
          <div className={side === 'things' ? '' : 'max-lg:hidden'}>
            <TrayTitle title={layOut.things} hint={layOut.someThing} />
            <ThingTray ground={ground} onLay={(name) => left.change(withThing(ground, name))} />
          </div>
        </div>
      </div>
      <Bar
        ground={ground}
        onTakeBack={() => ground.lastKey && left.change(without(ground, ground.lastKey))}
        onNext={goOn.asksForThings && side === 'tools' ? () => setSide('things') : null}
        goWords={goOn.words}
        onGo={goOn.go}
      />
    </>
  );
}

function TrayTitle({ title, hint }: { title: string; hint: string }) {
  return (
    <div className="hidden flex-wrap items-baseline justify-between gap-x-4 lg:flex">
      <h2>{title}</h2>
      <p className="text-[0.95rem] text-soft">{hint}</p>
    </div>
  );
}

/** On a phone one tray shows at a time. */
function Sides({ side, onTurn }: { side: Side; onTurn: (side: Side) => void }) {
  return (
    <div role="group" aria-label={layOut.title} className="flex lg:hidden">
      {(['tools', 'things'] as const).map((own) => (
        <button
          key={own}
          type="button"
          aria-pressed={side === own}
          className={`sign min-h-12 cursor-pointer px-4 text-lg ${side === own ? 'fingerpost bg-neutral pr-8 text-neutral-content' : ''}`}
          onClick={() => onTurn(own)}
        >
          {layOut[own]}
        </button>
      ))}
    </div>
  );
}

const MAIN = 'btn btn-primary h-auto min-w-0 px-4 py-1 text-lg leading-tight max-sm:flex-1';

function Bar(props: {
  ground: Ground;
  onTakeBack: () => void;
  /** On a phone first to the other tray, where nothing to sharpen with is at hand. */
  onNext: (() => void) | null;
  goWords: string;
  onGo: () => void;
}) {
  const { ground, onTakeBack, onNext, goWords, onGo } = props;
  const { tools, things } = counts(ground);
  const isBare = tools + things === 0;
  return (
    <ActionBar>
      <div className="mx-auto flex max-w-[82rem] items-center gap-x-4 px-4 py-2 sm:px-8">
        <p className="sign hidden text-xl sm:block" role="status">
          {layOut.laid(tools, things)}
        </p>
        <Link href="/" className="link hidden min-h-12 items-center sm:inline-flex">
          {layOut.leave}
        </Link>
        <button
          type="button"
          className="btn btn-outline ml-auto h-auto px-3"
          disabled={isBare}
          onClick={onTakeBack}
        >
          {layOut.takeBack}
        </button>
        {onNext && (
          <button type="button" className={`${MAIN} lg:hidden`} disabled={isBare} onClick={onNext}>
            {layOut.nextThings}
          </button>
        )}
        <button
          type="button"
          className={`${MAIN} ${onNext ? 'max-lg:hidden' : ''}`}
          disabled={isBare}
          onClick={onGo}
        >
          {goWords}
        </button>
      </div>
    </ActionBar>
  );
}

/** Saves what lies on the ground and goes on to the first answer; null while the rack is read. */
function useGoOn({ laid }: Ground, done: () => void) {
  const router = useRouter();
  const undoable = useUndoable();
  const tools = useRecords('tools');
  const shelf = useShelf();
  const helpers = useRecords('helpers');
  if (!tools || !shelf || !helpers) return null;
  const own = [...tools, ...shelf.abrasives, ...shelf.strops, ...shelf.compounds, ...helpers];
  const naming = () => ({
    taken: own.map(({ name }) => name),
    newId: () => nanoid(),
    at: stampNow(),
    called: sentence,
  });
  const count = counts({ laid, lastKey: null });
  const go = async (): Promise<void> => {
    const found = layOutRecords({ laid, lastKey: null }, naming());
    await undoable(layOut.saved(count.tools, count.things), [
      ...found.tools.map((record) => newOne('tools', record)),
      ...found.looks.map((record) => newOne('inspections', record)),
      ...found.things.map(({ store, record }) => newOne(store, record)),
    ]);
    done();
    const ids = found.tools.map(({ id }) => id);
    router.push(ids.length > 0 ? firstAnswerLink(ids[0]!, ids) : tools.length > 0 ? '/' : '/shelf');
  };
  return {
    go: () => void go(),
    words: goWords(laid),
    /** Whether nothing that sharpens is at hand yet. */
    asksForThings: count.things === 0 && shelf.abrasives.length + shelf.strops.length === 0,
  };
}

function goWords(laid: readonly Laid[]): string {
  const [first, ...others] = laid.filter(({ is }) => is === 'tool');
  if (!first) return layOut.toShelf;
  return others.length === 0 ? layOut.see(nameOf(first).toLowerCase()) : layOut.seeNothing;
}
