'use client';

import { stampNow } from '../../domain/clock';
import type { PhotoStage } from '../../domain/photo';
import type { Session } from '../../domain/session';
import type { Tool } from '../../domain/tool';
import { usePhotoActs, usePhotos } from '../../live';
import { keptPhotoLink } from '../../ui/links';
import { Pictures } from '../../ui/photos/Pictures';

/** Pictures of the edge under the hands: before the first stroke, or after the work. */
export default function GuidePictures(props: { session: Session; tool: Tool; stage: PhotoStage }) {
  const { session, tool, stage } = props;
  const { add, remove } = usePhotoActs();
  const photos = usePhotos(tool.id) ?? [];
  return (
    <Pictures
      of={tool.name}
      photos={photos.filter(({ entry }) => entry?.id === session.id)}
      onAdd={(file) =>
        add(file, file.name, {
          toolId: tool.id,
          takenAt: stampNow(),
          entry: { store: 'sessions', id: session.id },
          stage,
        })
      }
      onRemove={remove}
      hrefOf={(photo) => keptPhotoLink(tool.id, session.zoneId, photo.id)}
    />
  );
}
