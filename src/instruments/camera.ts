import { whyOf } from './mediaTrouble';
import type { LostWhy, Source } from './source';

/** The back of a phone sees the tool; as sharply as the camera can without being asked for more than it has. */
const WANTED = { facingMode: 'environment', width: { ideal: 1920 }, height: { ideal: 1440 } };

/** The camera of this device: its one reading is the stream that a screen shows. Its light goes out as soon as nobody looks. */
export const CAMERA: Source<MediaStream> = {
  id: 'device',
  isHere: () => typeof navigator !== 'undefined' && navigator.mediaDevices !== undefined,
  open({ onOpen, onReading, onLost }) {
    let isOver = false;
    let stream: MediaStream | null = null;
    const letGo = (): void => stream?.getTracks().forEach((track) => track.stop());
    const lose = (why: LostWhy): void => {
      if (isOver) return;
      isOver = true;
      letGo();
      onLost(why);
    };
    navigator.mediaDevices.getUserMedia({ video: WANTED }).then(
      (found) => {
        stream = found;
        if (isOver) return letGo();
        for (const track of found.getTracks()) track.onended = () => lose('unplugged');
        onOpen();
        onReading(found);
      },
      (error: unknown) => lose(whyOf(error)),
    );
    return () => {
      isOver = true;
      letGo();
    };
  },
};
