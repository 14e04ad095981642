import { PHONE_MOTION } from '../instruments';

/** Begins with this phone's own sensors, or with what stands in for them. */
export function BeginWithPhone(props: {
  device: string;
  simulated: string;
  onBegin: (by: 'device' | 'simulated') => void;
}) {
  const { device, simulated, onBegin } = props;
  return (
    <>
      <button type="button" className="btn btn-outline" onClick={() => onBegin('simulated')}>
        {simulated}
      </button>
      <button
        type="button"
        className="btn btn-primary"
        disabled={!PHONE_MOTION.isHere()}
        onClick={() => onBegin('device')}
      >
        {device}
      </button>
    </>
  );
}
