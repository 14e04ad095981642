import { uiPartsWords as say } from './words/partsWords';
/** How far long work is, and the way to stop it. */
export function WorkProgress(props: { share: number; label: string; onCancel: () => void }) {
  const { share, label, onCancel } = props;
  return (
    <>
      <progress
        className="progress mt-3 w-full max-w-md"
        value={share}
        max={1}
        aria-label={label}
      />
      <div>
        <button type="button" className="btn btn-outline mt-3" onClick={onCancel}>
          {say.cancel}
        </button>
      </div>
    </>
  );
}
