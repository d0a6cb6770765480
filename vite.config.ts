import tailwindcss from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';
import { VitePWA } from 'vite-plugin-pwa';

export default defineConfig({
  root: 'app',
  build: { outDir: '../dist', emptyOutDir: true, target: 'es2022', sourcemap: false, manifest: true },
  worker: { format: 'es' },
  plugins: [
    react(),
    tailwindcss(),
    VitePWA({
      registerType: 'prompt',
      injectRegister: null,
      manifest: {
        name: 'Tawny Lattice',
        short_name: 'Tawny Lattice',
        description: 'Batters, irons, portions and cook times for waffles, egg waffles and pizzelle',
        theme_color: '#14535a',
        background_color: '#eef0ee',
        display: 'standalone',
        icons: [{ src: 'icon.svg', sizes: 'any', type: 'image/svg+xml' }],
      },
      workbox: {
        globPatterns: ['**/*.{js,css,html,svg,json,woff2}'],
        // Scripts that the interface's words don't use stay on the server.
        globIgnores: ['**/*cyrillic*', '**/*vietnamese*', '**/*greek*'],
        navigateFallback: '/index.html',
        navigateFallbackDenylist: [/^\/api\//],
      },
    }),
  ],
});
