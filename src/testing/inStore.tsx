import { renderHook, waitFor, type RenderHookResult } from '@testing-library/react';
import { StoreProvider } from '../live';
import type { FailedWrite } from '../data';

/** A hook in a tab whose database is open, and every write that was refused there. */
export async function renderInStore<Result>(
  useHook: () => Result,
): Promise<RenderHookResult<Result, unknown> & { failed: FailedWrite[] }> {
  const failed: FailedWrite[] = [];
  const onFailedWrite = (write: FailedWrite): void => void failed.push(write);
  const rendered = renderHook(useHook, {
    wrapper: ({ children }) => (
      <StoreProvider
        fallback={null}
        blocked={<p>blocked</p>}
        failed={(message) => <p>{message}</p>}
        onFailedWrite={onFailedWrite}
      >
        {children}
      </StoreProvider>
    ),
  });
  await waitFor(() => expect(rendered.result.current).not.toBeNull());
  return { ...rendered, failed };
}

/** The name of the database that the application opens. */
export const APP_DATABASE = 'open-trail';
