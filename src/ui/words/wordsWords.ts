/** What the list of words, and a word that is opened, say beside the words themselves. */
export const words = {
  title: 'Words',
  how: 'Each one opens where you meet it: tap what is underlined with dots.',
  readOn: 'Read on:',
  close: 'Close',
  all: 'All words',
  radius: (um: string) => `${um} round`,
};

export function whatIs(label: string): string {
  return `What is “${label}”?`;
}
