import { CAMERA } from '../../instruments';
import { ActionBar } from '../../ui/ActionBar';
import { PressedRow } from '../../ui/PressedRow';
import { photoWords as say } from './words';
import { MARKS, type Mark } from './photoMeasures';
import type { Camera } from './useCamera';
import type { Photo } from './usePhoto';

interface PhotoBarProps {
  photo: Photo;
  camera: Camera;
  /** Takes what the camera shows. */
  onShoot: () => void;
}

/** What is marked next, at the thumb; before a photo, where it comes from. */
export function PhotoBar(props: PhotoBarProps) {
  const { photo, camera } = props;
  const isLive = camera.state === 'open' || camera.state === 'opening';
  return (
    <ActionBar>
      <div className="mx-auto grid max-w-[82rem] gap-2 px-4 py-2 sm:px-8">
        {photo.picture ? (
          <Marking photo={photo} />
        ) : isLive ? (
          <Shooting {...props} />
        ) : (
          <Choosing {...props} />
        )}
      </div>
    </ActionBar>
  );
}

function Marking({ photo }: { photo: Photo }) {
  const { mark, choose, undo, leave } = photo;
  const row = (of: readonly Mark[]) => of.map((each) => [each, say.marks[each]] as const);
  return (
    <div className="grid gap-2 lg:grid-cols-[2.4fr_1fr]">
      <div className="grid gap-1 sm:grid-cols-2" role="group" aria-label={say.mark}>
        <PressedRow
          label={say.ofTheEdge}
          options={row(MARKS.slice(0, 4))}
          chosen={mark}
          onChoose={choose}
        />
        <PressedRow
          label={say.ofTheTool}
          options={row(MARKS.slice(4))}
          chosen={mark}
          onChoose={choose}
        />
      </div>
      <div className="grid grid-cols-2 gap-2">
        <button type="button" className="btn btn-outline" disabled={!undo} onClick={() => undo?.()}>
          {say.undo}
        </button>
        <button type="button" className="btn btn-outline" onClick={leave}>
          {say.another}
        </button>
      </div>
    </div>
  );
}

function Shooting({ camera, onShoot }: PhotoBarProps) {
  return (
    <div className="grid grid-cols-2 gap-2">
      <button type="button" className="btn btn-outline" onClick={camera.close}>
        {say.closeCamera}
      </button>
      <button
        type="button"
        className="btn btn-primary"
        disabled={camera.state !== 'open'}
        onClick={onShoot}
      >
        {say.shoot}
      </button>
    </div>
  );
}

function Choosing({ photo, camera }: PhotoBarProps) {
  return (
    <div className="grid grid-cols-2 gap-2 sm:grid-cols-3">
      <button
        type="button"
        className="btn btn-outline max-sm:col-span-2"
        disabled={photo.isPainting}
        onClick={() => void photo.makeUp()}
      >
        {say.madeUp}
      </button>
      <button
        type="button"
        className="btn btn-outline"
        disabled={!CAMERA.isHere()}
        onClick={camera.open}
      >
        {say.camera}
      </button>
      <label className="btn btn-primary focus-within:outline-2">
        {say.take}
        <input
          type="file"
          accept="image/*"
          className="sr-only"
          onChange={({ target }) => target.files?.[0] && void photo.take(target.files[0])}
        />
      </label>
    </div>
  );
}
