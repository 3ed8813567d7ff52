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
      $trackside: 'src/trackside',
    },
    typescript: {
      config: (config) => ({
        ...config,
        // checked with the rest
        exclude: config.exclude.filter(
          (/** @type {string} */ one) => !one.includes('service-worker'),
        ),
        include: [
          ...config.include,
          '../eslint.config.js',
          '../start-script.js',
          '../vitest-setup.ts',
        ],
      }),
    },
    // registered when the first page is usable
    serviceWorker: { register: false },
    version: { pollInterval: 0 },
  },
}
