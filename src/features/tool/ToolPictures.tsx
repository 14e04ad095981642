'use client';

import { stampNow } from '../../domain/clock';
import type { Tool } from '../../domain/tool';
import { usePhotoActs, usePhotos } from '../../live';
import { keptPhotoLink } from '../../ui/links';
import { Pictures } from '../../ui/photos/Pictures';

/** Every picture of a tool, its looks' and touch-ups' too, scaled down and kept on this device. */
export function ToolPictures({ tool }: { tool: Tool }) {
  const { add, remove } = usePhotoActs();
  return (
    <Pictures
      of={tool.name}
      photos={usePhotos(tool.id) ?? []}
      onAdd={(file) => add(file, file.name, { toolId: tool.id, takenAt: stampNow() })}
      onRemove={remove}
      hrefOf={(photo) => keptPhotoLink(tool.id, tool.zones[0]!.id, photo.id)}
    />
  );
}
