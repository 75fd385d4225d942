import tailwindcss from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';
import { demoData } from './scripts/demoData.ts';
import { offline } from './scripts/offline.ts';

export default defineConfig({
  plugins: [react(), tailwindcss(), demoData(), offline()],
  worker: { format: 'es' },
  build: { target: 'es2023', assetsInlineLimit: 0, modulePreload: { polyfill: false } },
});
