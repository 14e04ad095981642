export const shareWords = {
  share: 'Share or copy',
  copied: 'Copied as text.',
};
