import vue from '@vitejs/plugin-vue'
import { defineConfig } from 'vite'
import { VitePWA } from 'vite-plugin-pwa'

export default defineConfig({
  root: import.meta.dirname,
  plugins: [
    vue(),
    // The pages themselves are kept on the device, so that a tablet without a network opens them again; what they show is
    // kept by src/api. Browsers allow it over TLS and on the machine itself.
    VitePWA({
      registerType: 'autoUpdate',
      injectRegister: 'script-defer',
      manifest: {
        name: 'Yardfrost',
        short_name: 'Yardfrost',
        description: 'Bench book for bearings: chosen, fitted, mounted, greased',
        display: 'standalone',
        background_color: '#e9eeec',
        theme_color: '#153a32',
        icons: [{ src: '/mark.svg', sizes: 'any', type: 'image/svg+xml' }],
      },
      workbox: {
        globPatterns: ['**/*.{js,css,html,svg,woff2}'],
        navigateFallback: '/index.html',
        navigateFallbackDenylist: [/^\/api\//],
        // The faces with signs are the largest pieces.
        maximumFileSizeToCacheInBytes: 3_000_000,
      },
    }),
  ],
  build: { target: 'es2022', outDir: 'dist', emptyOutDir: true, chunkSizeWarningLimit: 700 },
  // The server only takes what comes from the address it is asked at.
  server: { proxy: { '/api': { target: `http://localhost:${process.env['PORT'] ?? 4870}`, changeOrigin: false } } },
})
