'use client';

import { useState } from 'react';
import { isSameDay } from 'date-fns';
import { PHOTO_STAGES, type PhotoEntry, type PhotoStage } from '../../domain/photo';
import { usePhotoActs, usePhotos } from '../../live';
import { keptPhotoLink } from '../../ui/links';
import { Pictures } from '../../ui/photos/Pictures';
import { PressedRow } from '../../ui/PressedRow';
import { photoKeptWords as say } from '../../ui/words/photoKeptWords';

/** Pictures that are kept with an entry, and those of the tool itself of that day; before and after side by side. */
export default function EntryPictures(props: {
  entry: PhotoEntry;
  toolId: string;
  zoneId: string;
  at: string;
  name: string;
}) {
  const { entry, toolId, zoneId, at, name } = props;
  const { add, remove } = usePhotoActs();
  const all = usePhotos(toolId) ?? [];
  const [stage, setStage] = useState<PhotoStage>('after');
  const isWork = entry.store === 'sessions';
  return (
    <Pictures
      of={name}
      photos={all.filter(({ entry: of, takenAt }) =>
        of ? of.id === entry.id : isSameDay(takenAt, at),
      )}
      onAdd={(file) =>
        add(file, file.name, { toolId, takenAt: at, entry, stage: isWork ? stage : null })
      }
      onRemove={remove}
      hrefOf={(photo) => keptPhotoLink(toolId, zoneId, photo.id)}
      asks={
        isWork && (
          <PressedRow
            label={say.of}
            options={PHOTO_STAGES.map((each) => [each, say.stages[each]] as const)}
            chosen={stage}
            onChoose={setStage}
            className="mt-3 max-w-xs"
          />
        )
      }
    />
  );
}
