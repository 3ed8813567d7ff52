import { sveltekit } from '@sveltejs/kit/vite'
import tailwindcss from '@tailwindcss/vite'
import { svelteTesting } from '@testing-library/svelte/vite'
import { defineConfig } from 'vitest/config'

// SvelteKit hides its page announcer by a style attribute; the server's content policy allows none
const announcerWithoutInlineStyle = {
  name: 'announcer-without-inline-style',
  enforce: 'pre' as const,
  transform: (code: string, id: string) =>
    id.endsWith('/generated/root.svelte')
      ? code.replace(/(id="svelte-announcer"[^>]*?) style="[^"]*"/, '$1 class="sr-only"')
      : undefined,
}

export default defineConfig({
  plugins: [announcerWithoutInlineStyle, tailwindcss(), sveltekit(), svelteTesting()],
  server: { proxy: { '/api': 'http://127.0.0.1:8080' } },
  build: { chunkSizeWarningLimit: 200, license: { fileName: 'third-party.json' } },
  test: {
    environment: 'jsdom',
    // one browser for all files of a worker: five times as fast; drawn order shows what leaks
    isolate: false,
    sequence: { shuffle: { files: true } },
    include: ['src/**/*.test.ts'],
    setupFiles: ['./vitest-setup.ts'],
    reporters: ['default', ['junit', { outputFile: 'target/vitest.xml' }]],
  },
})
