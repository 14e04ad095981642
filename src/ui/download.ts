/** Hands a file to the person. */
export function downloadFile(fileName: string, file: Blob): void {
  const url = URL.createObjectURL(file);
  const link = document.createElement('a');
  link.href = url;
  link.download = fileName;
  link.click();
  URL.revokeObjectURL(url);
}

/** Hands a text to the person as a file. */
export function downloadText(fileName: string, text: string, mimeType: string): void {
  downloadFile(fileName, new Blob([text], { type: mimeType }));
}
