'use client';

import { useState, type ComponentProps } from 'react';
import type { Finding } from '../../domain/session';
import { FindingEditor } from './FindingEditor';
import { StripWalk } from './StripWalk';

/** The strip with what was found on it, and the one finding that is being described. */
export function FoundOnStrip(
  props: Pick<ComponentProps<typeof StripWalk>, 'tool' | 'zone' | 'word'> & {
    findings: readonly Finding[];
    onChange: (findings: Finding[]) => void;
  },
) {
  const { tool, zone, word, findings, onChange } = props;
  const [selected, setSelected] = useState<number | null>(null);
  const finding = selected === null ? undefined : findings[selected];
  return (
    <>
      <StripWalk
        tool={tool}
        zone={zone}
        word={word}
        findings={findings}
        selected={selected}
        onSelect={setSelected}
        onAdd={(found) => {
          onChange([...findings, found]);
          setSelected(findings.length);
        }}
      />
      {finding && (
        <FindingEditor
          key={selected}
          finding={finding}
          zone={zone}
          onChange={(next) => onChange(findings.map((each) => (each === finding ? next : each)))}
          onRemove={() => {
            onChange(findings.filter((each) => each !== finding));
            setSelected(null);
          }}
          onDone={() => setSelected(null)}
        />
      )}
    </>
  );
}
