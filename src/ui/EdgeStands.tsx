import type { EdgeNeed } from '../core/inspection';
import { edgeStands } from './words/needWords';

/** How an edge stands, in the one word that every list says of it; battens where it must not be used. */
export function EdgeStands({ state, stops }: Pick<EdgeNeed, 'state' | 'stops'>) {
  return (
    <span className={`sign tracking-wide uppercase ${stops.length > 0 ? 'battened' : ''}`}>
      {edgeStands({ state, stops })}
    </span>
  );
}
