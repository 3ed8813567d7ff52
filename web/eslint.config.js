import js from '@eslint/js'
import prettier from 'eslint-config-prettier'
import svelte from 'eslint-plugin-svelte'
import globals from 'globals'
import ts from 'typescript-eslint'
import svelteConfig from './svelte.config.js'

const insideFeatures = {
  regex: '^\\$features/(?!(bench|reckoner|nut-dial)/[^/]+$)[^/]+/',
  message: 'features meet at their index',
}
const farUp = { regex: '^(\\.\\./){2,}', message: 'use $features, $ui or $api' }

export default ts.config(
  { ignores: ['build/', '.svelte-kit/', 'node_modules/', 'target/', 'src/api/schema.d.ts'] },
  js.configs.recommended,
  ...ts.configs.recommendedTypeChecked,
  ...svelte.configs.recommended,
  prettier,
  ...svelte.configs.prettier,
  {
    languageOptions: {
      globals: { ...globals.browser },
      parserOptions: { projectService: true, extraFileExtensions: ['.svelte'] },
    },
    rules: {
      'max-lines': ['error', { max: 200, skipBlankLines: true, skipComments: true }],
      'no-restricted-imports': ['error', { patterns: [insideFeatures, farUp] }],
      'no-undef': 'off', // the compiler knows better
      'svelte/button-has-type': 'error',
      'svelte/require-each-key': 'error',
      '@typescript-eslint/no-explicit-any': 'error',
      'svelte/no-navigation-without-resolve': 'off', // always served at the root
    },
  },
  {
    files: ['**/*.svelte', '**/*.svelte.ts'],
    languageOptions: { parserOptions: { parser: ts.parser, svelteConfig } },
    rules: {
      // the parser sees snippet and callback parameters as any; svelte-check sees their types
      '@typescript-eslint/no-unsafe-argument': 'off',
      '@typescript-eslint/no-unsafe-assignment': 'off',
      '@typescript-eslint/no-unsafe-call': 'off',
      '@typescript-eslint/no-unsafe-member-access': 'off',
    },
  },
  { files: ['*.js', '*.ts'], ...ts.configs.disableTypeChecked },
  {
    files: ['src/ui/**'],
    rules: {
      'no-restricted-imports': [
        'error',
        { patterns: [{ regex: '^\\$features', message: 'ui knows no feature' }, farUp] },
      ],
    },
  },
)
