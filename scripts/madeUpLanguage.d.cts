/** A text in the made-up language. */
export function madeUp(text: string): string;
/** A file of words with all of its texts in the made-up language. */
export function madeUpFile(source: string, fileName?: string): string;
