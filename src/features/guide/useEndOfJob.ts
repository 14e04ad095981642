import { guideLink } from '../../ui/links';
import { guideWords as say } from './words/guideWords';
import { yupResolver } from '@hookform/resolvers/yup';
import { useForm, type Resolver, type UseFormReturn } from 'react-hook-form';
import { workingFace } from '../../core/ladder';
import { findingsLeft } from '../../core/touchUp';
import type { Finding, Session } from '../../domain/session';
import { zoneSchema, type Tool, type Zone } from '../../domain/tool';
import { useDraftState } from '../../live';
import type { DraftState } from '../../live/useDraftState';
import { useFormDraft } from '../../live/useFormDraft';

import type { FacetChoice } from './finishMeasured';

/** What is said at the end of a job, as far as it has come. */
interface End {
  remaining: Finding[];
  facet: FacetChoice;
}

interface EndOfJob {
  end: DraftState<End>;
  form: UseFormReturn<Zone>;
  /** It is in the log: nothing of it is half done. */
  saved: () => void;
}

/** What remains, what becomes of a facet, and the measures afterwards: each as it was left. */
export function useEndOfJob(
  session: Session,
  tool: Tool,
  zone: Zone,
  zoneAfter: Zone | null,
): EndOfJob {
  const href = guideLink(session.id);
  const end = useDraftState<End>(
    'end of a job',
    session.id,
    {
      remaining: findingsLeft(session, workingFace(tool, zone).angleDeg),
      facet: 'blend it next time',
    },
    { title: () => say.finishingTheWorkOn(tool.name), href },
  );
  const form = useForm<Zone>({
    defaultValues: zoneAfter ? rounded(zoneAfter) : zone,
    mode: 'onChange',
    resolver: yupResolver(zoneSchema) as unknown as Resolver<Zone>,
  });
  const measures = useFormDraft(form, `end-${session.id}`, {
    base: form.formState.defaultValues as Zone,
    title: say.measuringAfterItsWork(tool.name),
    href,
  });
  return {
    end,
    form,
    saved() {
      end.done();
      measures.forget();
    },
  };
}

/** Measures as a calliper gives them: hundredths of a millimetre, tenths of a degree. */
function rounded(zone: Zone): Zone {
  const to = (digits: number, value: number): number => Number(value.toFixed(digits));
  return {
    ...zone,
    bevelAngleDeg: to(1, zone.bevelAngleDeg),
    primaryAngleDeg: to(1, zone.primaryAngleDeg),
    shoulderThicknessMm: to(2, zone.shoulderThicknessMm),
    microBevel: zone.microBevel && {
      ...zone.microBevel,
      faceWidthMm: to(2, zone.microBevel.faceWidthMm),
    },
  };
}
