'use client';

import { useRouter, useSearchParams } from 'next/navigation';
import { Fragment, useEffect, useRef } from 'react';
import { edgeWord } from '../../core/inspection';
import { TEST_CENTRE_UM } from '../../core/sharpness';
import type { SharpnessTest } from '../../domain/terms';
import { SmallStrip } from '../../ui/edge-strip/SmallStrip';
import { um } from '../../ui/format';
import { WordPicture } from '../../ui/pictures/WordPicture';
import { WordBody } from '../../ui/WordBody';
import { GLOSSARY, WORD_GROUPS, WORD_IDS, type WordGroup } from '../../ui/words/glossary/glossary';
import type { WordId } from '../../ui/words/glossary/wordForms';
import { words } from '../../ui/words/wordsWords';

/** All words of the field with their pictures; one that is tapped opens in its place. */
export function WordsScreen() {
  const router = useRouter();
  const asked = useSearchParams().get('word');
  const open = WORD_IDS.find((id) => id === asked) ?? null;
  const go = (id: WordId): void =>
    router.replace(id === open ? '/words' : `/words?word=${id}`, { scroll: false });
  return (
    <div className="mx-auto w-full max-w-[82rem] px-4 py-4 sm:px-8">
      <div className="flex flex-wrap items-baseline gap-x-6">
        <h1>{words.title}</h1>
        <p className="text-soft">{words.how}</p>
      </div>
      {WORD_GROUPS.map((group) => (
        <Group key={group} group={group} open={open} onGo={go} />
      ))}
    </div>
  );
}

function Group(props: { group: WordGroup; open: WordId | null; onGo: (id: WordId) => void }) {
  const { group, open, onGo } = props;
  const own = WORD_IDS.filter((id) => GLOSSARY[id].group === group);
  return (
    <section className="mt-3 border-t-2 border-ink" aria-label={group}>
      <h2 className="text-right text-soft">{group}</h2>
      <ul className="grid grid-flow-dense grid-cols-2 gap-x-5 gap-y-3 sm:grid-cols-[repeat(auto-fill,minmax(10.5rem,1fr))]">
        {own.map((id) => (
          <Fragment key={id}>
            <li>
              <button
                type="button"
                aria-expanded={id === open}
                className={`grid h-full w-full cursor-pointer content-start text-left ${id === open ? 'outline-3 outline-offset-4 outline-ink' : ''}`}
                onClick={() => onGo(id)}
              >
                <Strip id={id} />
                <WordPicture id={id} className="word-thumb w-full" />
                <b className="sign text-lg leading-tight">{GLOSSARY[id].name}</b>
                <span className="text-[0.92rem] leading-snug text-soft">{GLOSSARY[id].line}</span>
              </button>
            </li>
            {id === open && <Opened id={id} onGo={onGo} />}
          </Fragment>
        ))}
      </ul>
    </section>
  );
}

function Opened({ id, onGo }: { id: WordId; onGo: (id: WordId) => void }) {
  const ref = useRef<HTMLLIElement>(null);
  useEffect(() => ref.current?.scrollIntoView({ block: 'nearest' }), []);
  return (
    <li ref={ref} className="col-span-full border-y-2 border-ink bg-[var(--lit)] p-4">
      <h3 className="mb-1 !text-2xl">{GLOSSARY[id].name}</h3>
      <WordBody id={id} onWord={onGo} />
    </li>
  );
}

const TESTS: Partial<Record<WordId, SharpnessTest>> = {
  'pops-hair': 'pops-hair',
  shaves: 'shaves',
  'push-cuts': 'push-cuts-newsprint',
  'slices-paper': 'slices-paper',
  'tears-paper': 'tears-paper',
  'slides-on-nail': 'slides-on-nail',
};
/** What the strip over a test is drawn for: work that asks for clean slices. */
const USUAL_TARGET_UM = 1.5;

/** Over a test: the strip as it then is, and the radius of the edge. */
function Strip({ id }: { id: WordId }) {
  const test = TESTS[id];
  if (!test) return null;
  const radiusUm = TEST_CENTRE_UM[test];
  return (
    <span className="figures flex items-center gap-3 text-[0.92rem]">
      <SmallStrip word={edgeWord(radiusUm, USUAL_TARGET_UM, 0)} findings={[]} />
      {words.radius(um(radiusUm))}
    </span>
  );
}
