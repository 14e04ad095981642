import { act, render } from '@testing-library/react';
import { TabTitle } from './TabTitle';

/** Lets what watches the head have its turn. */
const settle = (): Promise<void> => act(async () => {});

beforeEach(() => {
  document.head.innerHTML = '<title>Trip · Open Trail</title>';
});

test('the record’s name stands over the screen’s own, which may come in later', async () => {
  render(<TabTitle>Tarrow Ness</TabTitle>);
  expect(document.title).toBe('Tarrow Ness · Open Trail');
  document.title = 'Trip · Open Trail';
  await settle();
  expect(document.title).toBe('Tarrow Ness · Open Trail');
});

test('the next screen’s name stands, whether it comes in before this one is left or after', async () => {
  const early = render(<TabTitle>Tarrow Ness</TabTitle>);
  document.title = 'Log · Open Trail';
  await settle();
  early.unmount();
  expect(document.title).toBe('Log · Open Trail');
  const late = render(<TabTitle>Wren</TabTitle>);
  late.unmount();
  document.title = 'Rack · Open Trail';
  await settle();
  expect(document.title).toBe('Rack · Open Trail');
});

test('another record on the same screen gives it its name', async () => {
  const { rerender, unmount } = render(<TabTitle>Wren, plan</TabTitle>);
  rerender(<TabTitle>Old Hob, plan</TabTitle>);
  expect(document.title).toBe('Old Hob, plan · Open Trail');
  unmount();
  expect(document.title).toBe('Trip · Open Trail');
});
