import type { Climate } from '../../domain/terms';
import type { Tool } from '../../domain/tool';
import { workingSteel } from '../wear';

export type RustRisk = 'none' | 'some' | 'high';

/** Whether steel rusts there: salt and wet on what is not stainless. */
export function rustRisk({ steel }: Pick<Tool, 'steel'>, climate: readonly Climate[]): RustRisk {
  const harsh = climate.includes('salt');
  const damp = climate.includes('wet') || climate.includes('freezing');
  if (workingSteel(steel).stainless) return harsh ? 'some' : 'none';
  return harsh || damp ? 'high' : 'some';
}
