import tailwindcss from '@tailwindcss/vite';
import { defineConfig } from 'vite';

// The manifest that Laravel reads; nothing is inlined, since the content security policy forbids it.
export default defineConfig({
    plugins: [tailwindcss()],
    publicDir: false,
    base: '/build/',
    build: {
        outDir: 'public/build',
        manifest: 'manifest.json',
        assetsInlineLimit: 0,
        rollupOptions: { input: ['resources/css/app.css', 'resources/js/app.js'] },
    },
});
