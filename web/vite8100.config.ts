import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';

export default defineConfig({
  plugins: [react()],
  // the server puts a fresh nonce in place of this with every page it serves
  html: { cspNonce: '__CSP_NONCE__' },
  build: {
    target: 'es2022',
    // small files are not folded into the code: the page may load nothing but files of its own
    assetsInlineLimit: 0,
    chunkSizeWarningLimit: 1200,
  },
  server: {
    proxy: { '/api': { target: 'http://127.0.0.1:8100', changeOrigin: true } },
  },
});
