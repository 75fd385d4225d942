import tailwindcss from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';
import { demoData } from './scripts/demoData.ts';
import { offline } from './scripts/offline.ts';
import { parts, partsAhead } from './scripts/parts.ts';

/** Dexie for browsers of today: without what older ones want, and small. */
const DEXIE = 'dexie/dist/modern/dexie.min.mjs';

export default defineConfig({
  resolve: { alias: [{ find: /^dexie$/, replacement: DEXIE }] },
  plugins: [react(), tailwindcss(), demoData(), partsAhead(), offline()],
  worker: { format: 'es' },
  build: {
    target: 'es2023',
    assetsInlineLimit: 0,
    modulePreload: { polyfill: false },
    rolldownOptions: { output: { codeSplitting: { groups: parts } } },
  },
});
