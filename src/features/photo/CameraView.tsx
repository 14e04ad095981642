import { useEffect, useRef } from 'react';
import { photoWords as say } from './words';

/** What the camera shows, as it is; the video itself is handed on, for the moment that is taken of it. */
export function CameraView(props: {
  stream: MediaStream;
  onVideo: (video: HTMLVideoElement | null) => void;
}) {
  const { stream, onVideo } = props;
  const video = useRef<HTMLVideoElement>(null);
  useEffect(() => {
    const own = video.current!;
    own.srcObject = stream;
    onVideo(own);
    return () => {
      own.srcObject = null;
      onVideo(null);
    };
  }, [stream, onVideo]);
  return (
    <video ref={video} autoPlay playsInline muted className="block w-full" aria-label={say.live} />
  );
}
