import react from '@vitejs/plugin-react';
import { defineConfig } from 'vitest/config';

export default defineConfig({
  plugins: [react()],
  // the server puts a fresh nonce in place of this with every page it serves
  html: { cspNonce: '__CSP_NONCE__' },
  build: {
    target: 'es2022',
    // small files are not folded into the code: the page may load nothing but files of its own
    assetsInlineLimit: 0,
    chunkSizeWarningLimit: 1200,
    // what most pages share is one file: a page is fetched in two or three, not in thirty
    rolldownOptions: {
      output: { codeSplitting: { groups: [{ name: 'shared', minShareCount: 5 }] } },
    },
  },
  test: {
    // What files of tests import is read once, not once for each of them: four fifths of what they
    // took. So no module has another put in its place (vi.mock): whoever read it first has it.
    isolate: false,
    projects: [
      { extends: true, test: { name: 'figures', include: ['src/**/*.test.ts'] } },
      {
        extends: true,
        test: {
          name: 'components',
          include: ['src/**/*.test.tsx'],
          environment: 'jsdom',
          setupFiles: 'src/testing/everyFile.ts',
        },
      },
    ],
  },
  server: {
    proxy: { '/api': { target: 'http://127.0.0.1:8080', changeOrigin: true } },
  },
});
