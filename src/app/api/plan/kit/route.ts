import { solveKit } from '../../../../core';
import { readKitRequest } from '../../../../workers/kitRequest';
import { answerPlan } from '../answerPlan';

export const dynamic = 'force-dynamic';

/** All kits of a problem, for a device that is too weak for it. */
export async function POST(request: Request): Promise<Response> {
  return answerPlan(request, readKitRequest, solveKit);
}
