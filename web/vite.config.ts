import { svelte } from '@sveltejs/vite-plugin-svelte';
import tailwindcss from '@tailwindcss/vite';
import { svelteTesting } from '@testing-library/svelte/vite';
import { defineConfig } from 'vitest/config';

export default defineConfig({
  plugins: [tailwindcss(), svelte(), svelteTesting()],
  resolve: { alias: { $lib: '/src/lib', $ui: '/src/ui', $features: '/src/features' } },
  build: { target: 'es2022', assetsInlineLimit: 0, chunkSizeWarningLimit: 700 },
  // The words that the interface is held against stand with the other documents.
  server: {
    proxy: { '/api': 'http://127.0.0.1:8470', '/pictures': 'http://127.0.0.1:8470' },
    fs: { allow: ['.', '../docs'] },
  },
  test: { environment: 'jsdom', include: ['src/**/*.test.ts'] },
});
