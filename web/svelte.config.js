import adapter from '@sveltejs/adapter-static'
import { withoutInlineScript } from './start-script.js'

/** @type {import('@sveltejs/kit').Config} */
export default {
  kit: {
    adapter: withoutInlineScript(adapter({ fallback: 'index.html' })),
    alias: {
      $features: 'src/features',
      $ui: 'src/ui',
      $api: 'src/api',
      $testing: 'src/testing',
    },
    typescript: {
      config: (config) => ({
        ...config,
        include: [
          ...config.include,
          '../eslint.config.js',
          '../start-script.js',
          '../vitest-setup.ts',
        ],
      }),
    },
    version: { pollInterval: 0 },
  },
}
