/** What stood in the way of an act, in words; nothing where nothing did. */
export function Fault({ words }: { words: string | null | undefined }) {
  if (!words) return null;
  return (
    <p role="alert" className="field-error">
      {words}
    </p>
  );
}
