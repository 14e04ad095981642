'use client';

import { useCallback, useRef, useState } from 'react';
import { CAMERA, type LostWhy } from '../../instruments';
import { useLetGo } from '../../ui/useLetGo';

/** The camera of this device while it is looked through; its light goes out when the screen is left or hidden. */
export interface Camera {
  state: 'off' | 'opening' | 'open' | LostWhy;
  stream: MediaStream | null;
  open: () => void;
  close: () => void;
}

export function useCamera(): Camera {
  const [state, setState] = useState<Camera['state']>('off');
  const [stream, setStream] = useState<MediaStream | null>(null);
  const stop = useRef(() => {});
  const close = useCallback((): void => {
    stop.current();
    stop.current = () => {};
    setStream(null);
    setState('off');
  }, []);
  useLetGo(close);
  return {
    state,
    stream,
    close,
    open() {
      close();
      setState('opening');
      stop.current = CAMERA.open({
        onOpen: () => setState('open'),
        onReading: setStream,
        onLost: (why) => {
          setStream(null);
          setState(why);
        },
      });
    },
  };
}
