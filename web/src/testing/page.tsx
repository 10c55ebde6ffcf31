import { ChakraProvider } from '@chakra-ui/react';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { render } from '@testing-library/react';
import type { ReactElement } from 'react';
import { MemoryRouter } from 'react-router';
import { vi } from 'vitest';
import { api } from '../api/client';
import { system } from '../theme/theme';

/** Draws a component as it stands in a page. */
export function drawn(element: ReactElement) {
  const queries = new QueryClient({ defaultOptions: { queries: { retry: false } } });
  const around = (inner: ReactElement) => (
    <ChakraProvider value={system}>
      <QueryClientProvider client={queries}>
        <MemoryRouter>{inner}</MemoryRouter>
      </QueryClientProvider>
    </ChakraProvider>
  );
  const { rerender } = render(around(element));
  return { again: (next: ReactElement) => rerender(around(next)) };
}

type Asked = { readonly path: string; readonly body: unknown };

/** Has the server answer what is sent to it: a thrown text is why it refuses. */
export function answering(answer: (asked: Asked) => unknown) {
  return vi.spyOn(api, 'POST').mockImplementation((async (
    path: string,
    init?: { body?: unknown },
  ) => {
    try {
      const data = await answer({ path, body: init?.body });
      return { data, response: new Response() };
    } catch (detail) {
      return { error: { detail }, response: new Response(null, { status: 422 }) };
    }
  }) as never);
}
