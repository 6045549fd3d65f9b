import react from '@vitejs/plugin-react';
import { VitePWA } from 'vite-plugin-pwa';
import { defineConfig } from 'vitest/config';

export default defineConfig({
  plugins: [
    react(),
    VitePWA({
      // asked for in main.tsx, so that a session is never reloaded under somebody's wet hands
      registerType: 'prompt',
      injectRegister: false,
      manifest: {
        name: 'Even Lobe',
        short_name: 'Even Lobe',
        description: "Keeps a dog's ears healthy by routine.",
        theme_color: '#1F5A57',
        background_color: '#F7F4EE',
        display: 'standalone',
        icons: [
          { src: '/mark.svg', sizes: 'any', type: 'image/svg+xml' },
          { src: '/icon-192.png', sizes: '192x192', type: 'image/png', purpose: 'any' },
          { src: '/icon-512.png', sizes: '512x512', type: 'image/png', purpose: 'any' },
          { src: '/icon-512.png', sizes: '512x512', type: 'image/png', purpose: 'maskable' },
        ],
        // a photograph from the camera or the gallery; the service worker takes it in
        share_target: {
          action: '/share',
          method: 'POST',
          enctype: 'multipart/form-data',
          params: { files: [{ name: 'photo', accept: ['image/jpeg', 'image/png'] }] },
        },
      },
      workbox: {
        importScripts: ['share.js'],
        globPatterns: ['**/*.{js,css,html,svg,woff2}'],
        navigateFallbackDenylist: [/^\/api\//, /^\/actuator\//, /^\/calendar\//],
        // the first page that is open when the app is installed works offline, too
        clientsClaim: true,
      },
    }),
  ],
  server: {
    proxy: { '/api': 'http://127.0.0.1:8420' },
    // a test reads the core's breed catalogue
    fs: { allow: ['..'] },
  },
  build: {
    outDir: 'dist',
    sourcemap: false,
    manifest: true,
    // what ships with the app, shown on its page of licences
    license: { fileName: 'licences/web.json' },
    // fonts stay files of their own: the content policy allows no data: scripts, and they cache
    assetsInlineLimit: 0,
    chunkSizeWarningLimit: 700,
  },
  test: {
    environment: 'node',
    include: ['src/**/*.test.{ts,tsx}'],
    globals: true,
    css: false,
    restoreMocks: true,
    testTimeout: 30_000,
  },
});
