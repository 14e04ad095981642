'use client';

import type { Tool } from '../../domain/tool';
import { usePhotos } from '../../live';
import { Pictures } from '../../ui/Pictures';
import { stampNow } from '../../domain/clock';

/** Pictures of a tool from a file or the camera, scaled down and kept on this device. */
export function ToolPictures({ tool }: { tool: Tool }) {
  const { photos, add, remove } = usePhotos(tool.id);
  return (
    <Pictures
      of={tool.name}
      photos={photos}
      onAdd={(file) => add(file, stampNow())}
      onRemove={remove}
    />
  );
}
