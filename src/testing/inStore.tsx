import { renderHook, waitFor, type RenderHookResult } from '@testing-library/react';
import { StoreProvider } from '../live';

/** A hook in a tab whose database is open, and every refusal there. */
export async function renderInStore<Result>(
  useHook: () => Result,
): Promise<RenderHookResult<Result, unknown> & { refused: Error[] }> {
  const refused: Error[] = [];
  const onRefused = (error: Error): void => void refused.push(error);
  const rendered = renderHook(useHook, {
    wrapper: ({ children }) => (
      <StoreProvider
        fallback={null}
        blocked={<p>blocked</p>}
        failed={({ message }) => <p>{message}</p>}
        onRefused={onRefused}
      >
        {children}
      </StoreProvider>
    ),
  });
  await waitFor(() => expect(rendered.result.current).not.toBeNull());
  return { ...rendered, refused };
}

/** The name of the database that the application opens. */
export const APP_DATABASE = 'open-trail';
