import react from '@vitejs/plugin-react';
import laravel from 'laravel-vite-plugin';
import { defineConfig } from 'vite';
import { VitePWA } from 'vite-plugin-pwa';

/**
 * The shell that opens without a network: one document for all addresses, and every script, style and font of this build.
 * What is known of jobs is kept elsewhere; the worker never answers for the server.
 */
const shell = VitePWA({
  // Served from the root, that all pages are its own; the build lies in a folder below.
  outDir: 'public',
  buildBase: '/',
  base: '/',
  scope: '/',
  filename: 'sw.js',
  injectRegister: false,
  registerType: 'autoUpdate',
  // public/app.webmanifest: nothing of it depends on the build.
  manifest: false,
  workbox: {
    globDirectory: 'public/build',
    globPatterns: ['assets/**/*.{js,css,woff2,webp,svg}'],
    modifyURLPrefix: { '': '/build/' },
    // Their names carry what is in them.
    dontCacheBustURLsMatching: /^\/build\/assets\//,
    // The document names the scripts of this build: with another build it is another.
    additionalManifestEntries: [{ url: '/', revision: String(Date.now()) }],
    navigateFallback: '/',
    navigateFallbackDenylist: [/^\/(api|files|calendar|build|sanctum)\//],
    maximumFileSizeToCacheInBytes: 4_000_000,
    cleanupOutdatedCaches: true,
    inlineWorkboxRuntime: true,
    sourcemap: false,
  },
});

export default defineConfig({
  plugins: [laravel({ input: 'resources/js/main.tsx', refresh: false }), react(), shell],
  build: { chunkSizeWarningLimit: 700 },
});
