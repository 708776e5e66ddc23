import js from '@eslint/js'
import svelte from 'eslint-plugin-svelte'
import globals from 'globals'
import ts from 'typescript-eslint'
import svelteConfig from './svelte.config.js'

export default ts.config(
    js.configs.recommended,
    ...ts.configs.strict,
    ...svelte.configs.recommended,
    { languageOptions: { globals: globals.browser } },
    { files: ['server/**'], languageOptions: { globals: globals.node } },
    {
        files: ['**/*.svelte', '**/*.svelte.ts'],
        languageOptions: { parserOptions: { parser: ts.parser, extraFileExtensions: ['.svelte'], svelteConfig } },
    },
    // The router here is Inertia's, not the one this rule knows.
    { rules: { 'svelte/no-navigation-without-resolve': 'off' } },
)
