/** What is said of pictures that are kept. */
export const photoKeptWords = {
  sideBySide: 'Side by side',
  oneScale: 'At one scale, edge to edge.',
  noScale: 'Not at one scale: measure both with a coin, and they are laid edge to edge.',
  left: 'Left picture',
  right: 'Right picture',
  ten: '10 mm',
  stages: { before: 'before', after: 'after' },
  stageOf: (stage: string, day: string) => `${stage}, ${day}`,
  of: 'The picture is of',
  measure: 'Measure on it',
  measureThat: (label: string) => `Measure on the picture of ${label}`,
  measured: 'measured',
  removeThat: (label: string) => `Remove the picture of ${label}`,
};
