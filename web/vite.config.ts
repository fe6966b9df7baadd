import { svelte } from '@sveltejs/vite-plugin-svelte';
import tailwindcss from '@tailwindcss/vite';
import { defineConfig } from 'vitest/config';

export default defineConfig({
  plugins: [tailwindcss(), svelte()],
  // Assets are files of their own: the content security policy allows no data: fonts or scripts.
  build: {
    assetsInlineLimit: 0,
    target: 'es2022',
    // The library does not say that its modules do nothing by being loaded; without this a button brings all of it along.
    rolldownOptions: {
      treeshake: { moduleSideEffects: (id) => !id.includes('/flowbite-svelte/') || id.includes('css') },
    },
  },
  // The server answers its own page only: what comes through here says it is that page.
  server: {
    proxy: {
      '/api': {
        target: 'http://127.0.0.1:8080',
        headers: { origin: 'http://127.0.0.1:8080' },
        changeOrigin: true,
      },
    },
  },
  test: { include: ['src/**/*.test.ts', 'words.test.js'] },
});
