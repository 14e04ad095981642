'use client';

import { logWords as say } from './words';
import { yupResolver } from '@hookform/resolvers/yup';
import { formatISO } from 'date-fns';
import { nanoid } from 'nanoid';
import Link from '../../ui/Link';
import { useRouter, useSearchParams } from 'next/navigation';
import { useFieldArray, useForm, type Resolver, type UseFormReturn } from 'react-hook-form';
import { notice } from '../../ui/notice';
import { shelfAbrasives, type LadderAbrasive, type Shelf } from '../../core/ladder';
import { pastSession } from '../../core/touchUp';
import type { Observation } from '../../domain/session';
import { edgeName } from '../../domain/edgeName';
import { passedTest } from '../../domain/observation';
import { SHARPNESS_TESTS, type SharpnessTest } from '../../domain/terms';
import type { Tool, Zone } from '../../domain/tool';
import { useRecords, useShelf, useStore, noteOil, tripIdAt } from '../../live';
import { useFormDraft } from '../../live/useFormDraft';
import { NotesField, NumberField, SelectField, TextField, AS_NUMBER } from '../../ui/forms/fields';
import { TEST_WORDS } from '../../ui/words/testWords';
import { noonOf, pastWorkSchema, type PastWork } from './pastWork';
import { clockNow, stampNow } from '../../domain/clock';

/** Work that was done without the guide, written into the log. */
export function WritePastScreen() {
  const tools = useRecords('tools');
  const shelf = useShelf();
  const chosen = useSearchParams().get('tool');
  if (!tools || !shelf) return null;
  const things = shelfAbrasives(shelf).length;
  return (
    <div className="mx-auto w-full max-w-3xl px-4 py-5 sm:px-8">
      <h1>{say.writeDownPastWork}</h1>
      {tools.length === 0 || things === 0 ? (
        <p className="mt-3 text-lg">
          {say.pastWorkNeeds(
            <Link href="/">{say.rack}</Link>,
            <Link href="/shelf">{say.shelf}</Link>,
          )}
        </p>
      ) : (
        <PastWorkForm tools={tools} shelf={shelf} chosen={chosen} />
      )}
    </div>
  );
}

const NOT_TESTED = ['', say.notTested] as const;
const TESTS = [NOT_TESTED, ...SHARPNESS_TESTS.map((test) => [test, TEST_WORDS[test]] as const)];

function PastWorkForm(props: { tools: readonly Tool[]; shelf: Shelf; chosen: string | null }) {
  const { tools, shelf, chosen } = props;
  const edges = edgesOf(tools);
  const things = shelfAbrasives(shelf).map(({ abrasive }) => abrasive);
  const blank = { itemId: things[0]!.id, strokesPerSide: null, minutes: null };
  const form = useForm<PastWork>({
    resolver: yupResolver(pastWorkSchema) as unknown as Resolver<PastWork>,
    defaultValues: {
      edge: (edges.find(({ tool }) => tool.id === chosen) ?? edges[0]!).key,
      day: formatISO(clockNow(), { representation: 'date' }),
      where: 'bench',
      steps: [blank],
      before: '',
      after: '',
      notes: '',
    },
  });
  const { register, handleSubmit, formState } = form;
  const { errors } = formState;
  const draft = useFormDraft(form, say.pastWork, {
    base: formState.defaultValues as PastWork,
    title: say.writingPastWork,
    href: '/log/write',
  });

  const write = useWritePast();
  const onSubmit = handleSubmit(async (work) => {
    const { tool, zone } = edges.find(({ key }) => key === work.edge)!;
    await write(work, { tool, zone, things });
    draft.forget();
  });
  return (
    <form noValidate className="mt-3 grid gap-5" onSubmit={(event) => void onSubmit(event)}>
      <p className="max-w-[60ch] text-soft">{say.forWhatWasDoneWithout}</p>
      <div className="grid gap-4 sm:grid-cols-3">
        <SelectField
          label={say.whichEdge}
          options={edges.map(({ key, name }) => [key, name] as const)}
          error={errors.edge?.message}
          {...register('edge')}
        />
        <TextField label={say.day} type="date" error={errors.day?.message} {...register('day')} />
        <SelectField
          label={say.where}
          options={[
            ['bench', say.atTheBench],
            ['field', say.onTheTrail],
          ]}
          {...register('where')}
        />
      </div>
      <StepFields form={form} things={things} blank={blank} />
      <div className="grid gap-4 sm:grid-cols-2">
        <SelectField label={say.itPassedBefore} options={TESTS} {...register('before')} />
        <SelectField label={say.itPassedAfter} options={TESTS} {...register('after')} />
      </div>
      <NotesField label={say.note} error={errors.notes?.message} {...register('notes')} />
      <button className="btn btn-primary justify-self-start" disabled={formState.isSubmitting}>
        {say.writeItIntoTheLog}
      </button>
    </form>
  );
}

/** What it was done with, step by step. */
function StepFields(props: {
  form: UseFormReturn<PastWork>;
  things: readonly LadderAbrasive[];
  blank: PastWork['steps'][number];
}) {
  const { form, things, blank } = props;
  const { register, control, formState } = form;
  const steps = useFieldArray({ control, name: 'steps' });
  const { errors } = formState;
  return (
    <fieldset className="grid gap-4">
      <legend className="sign mb-2 text-xl">{say.whatWithInOrder}</legend>
      {steps.fields.map((field, i) => (
        <div key={field.id} className="grid items-start gap-4 sm:grid-cols-[2fr_1fr_1fr_auto]">
          <SelectField
            label={say.stepNumber(i + 1)}
            options={things.map(({ id, name }) => [id, name] as const)}
            error={errors.steps?.[i]?.itemId?.message}
            {...register(`steps.${i}.itemId`)}
          />
          <NumberField
            label={say.strokes}
            unit={say.aSide}
            error={errors.steps?.[i]?.strokesPerSide?.message}
            {...register(`steps.${i}.strokesPerSide`, AS_NUMBER)}
          />
          <NumberField
            label={say.time}
            unit={say.min}
            error={errors.steps?.[i]?.minutes?.message}
            {...register(`steps.${i}.minutes`, AS_NUMBER)}
          />
          <button
            type="button"
            className="btn btn-ghost self-end"
            disabled={steps.fields.length === 1}
            onClick={() => steps.remove(i)}
          >
            {say.takeOut}
          </button>
        </div>
      ))}
      <button
        type="button"
        className="btn btn-outline justify-self-start"
        disabled={steps.fields.length >= 10}
        onClick={() => steps.append(blank)}
      >
        {say.addAStep}
      </button>
    </fieldset>
  );
}

/** Writes past work into the log, with undo, and goes to its entry. */
function useWritePast() {
  const store = useStore();
  const router = useRouter();
  return async (
    work: PastWork,
    at: { tool: Tool; zone: Zone; things: readonly LadderAbrasive[] },
  ): Promise<void> => {
    const { tool, zone, things } = at;
    const doneAt = noonOf(work.day);
    const session = pastSession({
      id: nanoid(),
      at: stampNow(),
      doneAt,
      tripId: await tripIdAt(store, tool.id, doneAt),
      tool,
      zone,
      where: work.where,
      steps: work.steps.map(({ itemId, strokesPerSide, minutes }) => ({
        abrasive: things.find(({ id }) => id === itemId)!,
        strokesPerSide,
        minutes,
      })),
      before: seen(work.before as SharpnessTest | ''),
      after: seen(work.after as SharpnessTest | ''),
      notes: work.notes,
    });
    await store.sessions.save(session);
    await noteOil(store, session);
    router.push(`/log/entry?id=${session.id}`);
    void notice(say.writtenIntoTheLog, {
      action: {
        label: say.undo,
        onClick: () => {
          void store.sessions.remove(session.id, stampNow());
          router.push('/log');
        },
      },
    });
  };
}

/** Every edge of every tool, by a key of its own. */
function edgesOf(tools: readonly Tool[]) {
  return tools.flatMap((tool) =>
    tool.zones.map((zone) => ({
      key: `${tool.id}/${zone.id}`,
      name: edgeName(tool, zone),
      tool,
      zone,
    })),
  );
}

function seen(test: SharpnessTest | ''): Observation {
  return { tests: test === '' ? [] : [passedTest(test)], findings: [] };
}
