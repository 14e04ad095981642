/** How long a file is kept for the browser to take (ms). */
const KEPT_MS = 60_000;

/** Hands a file to the person. */
export function downloadFile(fileName: string, file: Blob): void {
  const url = URL.createObjectURL(file);
  const link = document.createElement('a');
  link.href = url;
  link.download = fileName;
  link.click();
  // A busy browser begins to read the file only after a while.
  setTimeout(() => URL.revokeObjectURL(url), KEPT_MS);
}

/** Hands a text to the person as a file. */
export function downloadText(fileName: string, text: string, mimeType: string): void {
  downloadFile(fileName, new Blob([text], { type: mimeType }));
}
