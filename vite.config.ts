import tailwindcss from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import laravel from 'laravel-vite-plugin';
import { defineConfig } from 'vite';
import { compression } from 'vite-plugin-compression2';
import { VitePWA } from 'vite-plugin-pwa';
import { version } from './package.json';

export default defineConfig({
    define: { __VERSION__: JSON.stringify(version) },
    plugins: [
        laravel({ input: ['resources/main.tsx', 'resources/css/app.css'], refresh: false }),
        react(),
        tailwindcss(),
        // nginx hands these out where it has the module for it, else it compresses by itself; fonts are compressed, PHP is too long to.
        compression({ algorithms: ['brotliCompress'], include: /\.(js|css)$/, threshold: 512 }),
        // After one visit the app itself opens with no network; what was entered and read lies in IndexedDB (outbox/device).
        VitePWA({
            outDir: 'public',
            buildBase: '/build/',
            base: '/',
            scope: '/',
            registerType: 'autoUpdate',
            injectRegister: false,
            manifest: {
                name: 'Low Point',
                short_name: 'Low Point',
                description: 'Why the strikes come out as they do, and what to change first.',
                start_url: '/',
                display: 'standalone',
                background_color: '#f6f1e7',
                theme_color: '#f6f1e7',
                icons: [
                    { src: '/icon.svg', sizes: 'any', type: 'image/svg+xml' },
                    { src: '/icon-192.png', sizes: '192x192', type: 'image/png' },
                    { src: '/icon-512.png', sizes: '512x512', type: 'image/png', purpose: 'any maskable' },
                ],
            },
            workbox: {
                globDirectory: 'public/build',
                globPatterns: ['assets/*.{js,css,woff2}'],
                // The PHP for figures without a connection is large: it is kept once somebody measures.
                globIgnores: ['assets/{worker,php}*.js'],
                runtimeCaching: [
                    {
                        urlPattern: /\/build\/assets\/((worker|php)[^/]*\.js|[^/]*\.wasm)$/,
                        handler: 'CacheFirst',
                        options: { cacheName: 'core', expiration: { maxEntries: 6 } },
                    },
                ],
                modifyURLPrefix: { 'assets/': '/build/assets/' },
                additionalManifestEntries: ['/', '/icon.svg', '/icon-192.png', '/icon-512.png'].map((url) => ({
                    url,
                    revision: String(Date.now()),
                })),
                navigateFallback: '/',
                navigateFallbackDenylist: [/^\/(api|docs|sanctum|build|up)(\/|$)/],
                cleanupOutdatedCaches: true,
                skipWaiting: true,
                clientsClaim: true,
            },
        }),
    ],
    worker: { format: 'es' },
    build: {
        target: 'es2022',
        chunkSizeWarningLimit: 600,
        rollupOptions: {
            onwarn: (warning, warn) => {
                // PHP in the browser can call back into it. Ours does not, and the page's policy forbids it.
                if (warning.code !== 'EVAL') warn(warning);
            },
        },
    },
});
