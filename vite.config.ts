import { svelte } from '@sveltejs/vite-plugin-svelte'
import laravel from 'laravel-vite-plugin'
import { defineConfig } from 'vite'

export default defineConfig({
    plugins: [laravel({ input: ['resources/js/app.ts', 'resources/css/fault.css'], refresh: false }), svelte()],
    // Fonts are files of their own: the content security policy allows no data: URL for them.
    build: { assetsInlineLimit: 0 },
})
