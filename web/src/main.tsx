import '@fontsource-variable/fraunces/opsz.css';
import '@fontsource-variable/instrument-sans';
import { ChakraProvider } from '@chakra-ui/react';
import createCache from '@emotion/cache';
import { CacheProvider } from '@emotion/react';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { createBrowserRouter, RouterProvider } from 'react-router';
import { onSignedOut, Problem } from './api/client';
import { keys } from './api/keys';
import { routes } from './app/routes';
import { shineOn } from './theme/light';
import { system } from './theme/theme';

const nonce = document.querySelector<HTMLMetaElement>('meta[property="csp-nonce"]')?.nonce;
const styles = createCache({ key: 'css', nonce });

const queries = new QueryClient({
  defaultOptions: {
    queries: {
      // the server stands on this machine, or in this room: it may answer without any network
      networkMode: 'always',
      refetchOnWindowFocus: false,
      retry: (count, problem) => problem instanceof Problem && problem.silent && count < 3,
    },
    mutations: { networkMode: 'always' },
  },
});

// whoever is signed out meanwhile is asked to sign in again, over the page that was open
onSignedOut(() => void queries.invalidateQueries({ queryKey: keys.me() }));

shineOn(document.documentElement);
const root = document.getElementById('root');
if (root === null) {
  throw new Error('impossible state: the page has no root');
}
createRoot(root).render(
  <StrictMode>
    <CacheProvider value={styles}>
      <ChakraProvider value={system}>
        <QueryClientProvider client={queries}>
          <RouterProvider router={createBrowserRouter(routes)} />
        </QueryClientProvider>
      </ChakraProvider>
    </CacheProvider>
  </StrictMode>,
);
