import Link from './Link';
import type { PlayedStrokes } from './labAddress';
import { labLink } from './labLink';
import { LAB_LINK_WORDS } from './words/labLinkWords';
import type { LabQuestionId } from './words/labWords';

/** Leads from where a question comes up to its answer in the lab, on that edge. */
export function LabLink(props: {
  toolId: string;
  zoneId: string;
  question: LabQuestionId;
  played?: PlayedStrokes;
}) {
  const { question } = props;
  return (
    <p>
      <Link href={labLink(props)} className="link inline-flex min-h-12 items-center">
        {LAB_LINK_WORDS[question]}
      </Link>
    </p>
  );
}
