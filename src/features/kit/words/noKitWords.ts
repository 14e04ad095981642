/** What the kit says where there is none to be planned. */
export const noKit = {
  title: 'Kit',
  what: 'The lightest set of stones and strops that keeps your tools going.',
  needsTools: 'It needs tools first.',
  needsThings:
    'It needs things to sharpen with first: one medium stone and a strop already go a long way.',
  layOut: 'Lay out what you have',
};
