import { logWords as say } from './words';
import { edgeName } from '../../domain/edgeName';
import type { Session } from '../../domain/session';
import type { Tool } from '../../domain/tool';
import { SelectField } from '../../ui/forms/fields';

type EdgeKey = Pick<Session, 'toolId' | 'zoneId'>;

/** Which edge it was, of all that hang; one that was taken down stays as it is. */
export function EdgeSelect(props: {
  tools: readonly Tool[];
  edge: EdgeKey;
  onChange: (edge: EdgeKey) => void;
}) {
  const { tools, edge: own, onChange } = props;
  const edges = tools.flatMap((tool) => tool.zones.map((zone) => ({ tool, zone })));
  const key = `${own.toolId}/${own.zoneId}`;
  const options = edges.map(
    ({ tool, zone }) => [`${tool.id}/${zone.id}`, edgeName(tool, zone)] as const,
  );
  return (
    <SelectField
      label={say.whichEdge}
      value={key}
      options={
        options.some(([each]) => each === key) ? options : [[key, say.aToolTakenDown], ...options]
      }
      onChange={({ target }) => {
        const found = edges.find(({ tool, zone }) => `${tool.id}/${zone.id}` === target.value);
        if (found) onChange({ toolId: found.tool.id, zoneId: found.zone.id });
      }}
    />
  );
}
