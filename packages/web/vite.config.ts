import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';

const server = `http://127.0.0.1:${process.env.HATBAND_PORT ?? '4750'}`;

export default defineConfig({
  root: import.meta.dirname,
  plugins: [react()],
  // What the table of rare character sets needs of Node.
  resolve: { alias: { buffer: 'buffer/', string_decoder: 'string_decoder/' } },
  worker: { format: 'es' },
  build: { outDir: '../../dist/web', emptyOutDir: true, manifest: true, chunkSizeWarningLimit: 1500 },
  server: { proxy: { '/api': { target: server, changeOrigin: true, headers: { origin: server } } } },
});
