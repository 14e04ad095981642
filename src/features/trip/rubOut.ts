/** The brush that takes work away. */
export const RUB_OUT = 'clear';
