/** What the frame around every screen says. */
export const shellWords = {
  name: 'Open Trail',
  keys: 'Shortcuts',
  notices: 'Notices',
};
