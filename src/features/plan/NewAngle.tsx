'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { workingFace, type EdgeAim } from '../../core';
import type { Tool, Zone } from '../../domain/tool';
import { AngleField } from '../../ui/forms/AngleField';
import { deg } from '../../ui/format';
import { Choice } from '../../ui/Choice';
import { SelectField } from '../../ui/forms/fields';
import { AIM_GRINDS, jobLink } from '../../ui/jobAddress';

const GRIND_WORDS: Record<EdgeAim['grind'], string> = {
  'as it is': 'the grind it has',
  'micro-bevel': 'a micro-bevel at the apex alone',
  scandi: 'scandi: flat from the stock to the apex',
  convex: 'convex: an arc into the cheeks',
  'secondary-bevel': 'a small bevel on the taper',
};

/** Which angle or grind is wanted; the plan follows from the address. */
export default function NewAngle(props: { tool: Tool; zone: Zone; chosen: EdgeAim | null }) {
  const { tool, zone, chosen } = props;
  const router = useRouter();
  const present = workingFace(tool, zone).angleDeg;
  const [grind, setGrind] = useState<EdgeAim['grind']>(chosen?.grind ?? 'as it is');
  const [angleDeg, setAngleDeg] = useState(chosen?.angleDeg ?? present);
  const choose = (aim: EdgeAim): void => {
    setGrind(aim.grind);
    setAngleDeg(aim.angleDeg);
    router.replace(jobLink({ toolId: tool.id, zoneId: zone.id, job: 'angle', aim }));
  };
  const turns = [-2, -1, 1, 2, 3].filter((turn) => present + turn >= 5 && present + turn <= 60);
  return (
    <section aria-label="New angle" className="mt-3 border-l-4 border-neutral pl-4">
      <Choice
        legend="Flatter or steeper"
        isLegendHidden
        options={turns.map((turn) => [String(turn), turnWords(turn)] as const)}
        chosen={grind === 'as it is' ? String(angleDeg - present) : null}
        onChoose={(turn) => choose({ grind: 'as it is', angleDeg: present + Number(turn) })}
      />
      <div className="mt-2 grid max-w-2xl gap-4 sm:grid-cols-2">
        <SelectField
          label="Grind"
          value={grind}
          options={AIM_GRINDS.map((each) => [each, GRIND_WORDS[each]] as const)}
          onChange={(event) => choose({ grind: event.target.value as EdgeAim['grind'], angleDeg })}
        />
        <AngleField
          label="Angle at the apex"
          valueDeg={angleDeg}
          min={5}
          max={60}
          onValue={(next) => choose({ grind, angleDeg: next })}
        />
      </div>
      <p className="mt-2 text-[0.95rem] text-soft">
        Now {deg(present)} per side. What has to go is the exact difference of the two sections.
      </p>
    </section>
  );
}

function turnWords(turn: number): string {
  return `${deg(Math.abs(turn))} ${turn < 0 ? 'flatter' : 'steeper'}`;
}
