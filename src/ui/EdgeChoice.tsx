import type { ZoneState } from '../core/inspection';
import { EdgeStands } from './EdgeStands';
import Link from './Link';

/** Edges to choose from, each with how it stands. */
export function EdgeChoice(props: {
  edges: readonly Pick<ZoneState, 'tool' | 'zone' | 'state' | 'stops'>[];
  hrefOf: (toolId: string, zoneId: string) => string;
}) {
  return (
    <ul className="mt-3">
      {props.edges.map(({ tool, zone, state, stops }) => (
        <li key={`${tool.id}/${zone.id}`} className="border-b border-rule">
          <Link
            href={props.hrefOf(tool.id, zone.id)}
            className="flex min-h-14 flex-wrap items-center gap-x-4 hover:underline"
          >
            <span className="sign text-xl">{tool.name}</span>
            {tool.zones.length > 1 && <span>{zone.name}</span>}
            <span className="ml-auto">
              <EdgeStands state={state} stops={stops} />
            </span>
          </Link>
        </li>
      ))}
    </ul>
  );
}
