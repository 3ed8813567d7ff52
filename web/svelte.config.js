import adapter from '@sveltejs/adapter-static'

/** @type {import('@sveltejs/kit').Config} */
export default {
  kit: {
    adapter: adapter({ fallback: 'index.html', precompress: true }),
    alias: {
      $features: 'src/features',
      $ui: 'src/ui',
      $api: 'src/api',
      $testing: 'src/testing',
    },
    csp: {
      mode: 'hash',
      directives: {
        'default-src': ['self'],
        'script-src': ['self'],
        'style-src': ['self', 'unsafe-inline'],
        'img-src': ['self', 'data:'],
        'object-src': ['none'],
        'base-uri': ['self'],
        'form-action': ['self'],
      },
    },
    typescript: {
      config: (config) => ({
        ...config,
        include: [...config.include, '../eslint.config.js', '../vitest-setup.ts'],
      }),
    },
    version: { pollInterval: 0 },
  },
}
