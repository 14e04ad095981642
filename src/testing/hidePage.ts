import { act } from '@testing-library/react';

/** Another page comes before this one, as in a call, or it is back again. */
export function hidePage(hidden: boolean): void {
  Object.defineProperty(document, 'hidden', { configurable: true, value: hidden });
  act(() => void document.dispatchEvent(new Event('visibilitychange')));
}
