import { forecastTrip } from '../../../../core';
import { readTripRequest } from '../../../../workers/tripRequest';
import { answerPlan } from '../answerPlan';

export const dynamic = 'force-dynamic';

/** The forecast of a trip, for a device that is too weak for it. */
export async function POST(request: Request): Promise<Response> {
  return answerPlan(request, readTripRequest, forecastTrip);
}
