'use client';

import { tripWords as say } from './words';
import { sum } from 'd3-array';
import dynamic from 'next/dynamic';
import { useState } from 'react';
import { edgeName } from '../../domain/edgeName';
import type { TripTask } from '../../domain/tripTasks';
import { useRecords } from '../../live';
import { Choice } from '../../ui/Choice';
import type { ShownForecast } from '../../live';

const ApexChart = dynamic(() => import('./ApexChart'), { ssr: false });

/** The edges of one tool through the trip, one at a time. */
export function ToolChart(props: {
  toolId: string;
  tasks: readonly TripTask[];
  answer: ShownForecast['answer'];
  dayName: (day: number) => string;
}) {
  const { toolId, tasks, answer, dayName } = props;
  const tool = useRecords('tools')?.find(({ id }) => id === toolId);
  const [chosenEdge, setChosenEdge] = useState<string | null>(null);
  const edges = (answer?.forecast.edges ?? []).filter((edge) => edge.toolId === toolId);
  const edge =
    edges.find(({ id }) => id === chosenEdge) ??
    [...edges].sort((a, b) => worked(b.days) - worked(a.days))[0];
  const zone = tool?.zones.find(({ id }) => id === edge?.zoneId);
  if (!answer || !edge || !tool || !zone) return null;
  return (
    <>
      {edges.length > 1 && (
        <Choice
          legend={say.whichEdge}
          isLegendHidden
          options={edges.map(({ id, zoneId }) => [
            id,
            tool.zones.find((each) => each.id === zoneId)?.name ?? zoneId,
          ])}
          chosen={edge.id}
          onChoose={setChosenEdge}
        />
      )}
      <ApexChart
        name={edgeName(tool, zone)}
        edge={edge}
        problem={answer.problem}
        dulling={answer.dulling}
        tasks={tasks}
        dayName={dayName}
      />
    </>
  );
}

function worked(days: readonly { hours: number }[]): number {
  return sum(days, ({ hours }) => hours);
}
