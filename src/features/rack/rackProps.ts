import type { EdgeNeed } from '../../core';
import type { Tool } from '../../domain/tool';

/** Tools in the order they hang, with the needs of each. */
export interface RackProps {
  tools: readonly Tool[];
  needs: readonly EdgeNeed[];
}
