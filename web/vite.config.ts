import { fileURLToPath } from 'node:url'
import vue from '@vitejs/plugin-vue'
import { ElementPlusResolver } from 'unplugin-vue-components/resolvers'
import components from 'unplugin-vue-components/vite'
import { defineConfig, type UserConfig } from 'vite'
import { VitePWA } from 'vite-plugin-pwa'
import { chunkGroups } from './chunks'

/** Where on its host the application lies: `BASE=/rimbo/ npm run build` for a folder of its own. */
const base = process.env['BASE'] ?? '/'
const MEBIBYTE = 1024 * 1024

/** What makes script of views. */
const views = () => [
  vue({ features: { optionsAPI: false } }),
  components({ dirs: [], dts: false, resolvers: [ElementPlusResolver({ importStyle: 'css' })] }),
]

export default defineConfig(async ({ command }): Promise<UserConfig> => ({
  base,
  root: fileURLToPath(new URL('.', import.meta.url)),
  plugins: [
    ...views(),
    VitePWA({
      // Registered by src/offline.ts, once the first screen stands; a newer version waits to be asked in.
      injectRegister: false,
      registerType: 'prompt',
      workbox: {
        globPatterns: ['**/*.{js,css,html,svg,png,wasm,woff2,json,txt}'],
        globIgnores: ['.vite/**'],
        maximumFileSizeToCacheInBytes: 8 * MEBIBYTE,
        navigateFallback: `${base}index.html`,
        navigateFallbackDenylist: [/\/api\//],
      },
      manifest: {
        id: base,
        start_url: base,
        scope: base,
        name: 'Rimbo: tomatoes and peppers in pots',
        short_name: 'Rimbo',
        description: 'How big the pot really is, what goes into it, and today’s can of water.',
        lang: 'en',
        display: 'standalone',
        background_color: '#f6f3ea',
        theme_color: '#f6f3ea',
        categories: ['lifestyle', 'utilities'],
        icons: [
          { src: 'icon.svg', sizes: 'any', type: 'image/svg+xml' },
          { src: 'icon-192.png', sizes: '192x192', type: 'image/png' },
          { src: 'icon-512.png', sizes: '512x512', type: 'image/png' },
          { src: 'icon-maskable.png', sizes: '512x512', type: 'image/png', purpose: 'maskable' },
        ],
      },
    }),
  ],
  // Parts of the libraries that are not used here stay out of what a phone has to fetch.
  define: {
    __VUE_I18N_FULL_INSTALL__: false,
    __VUE_I18N_LEGACY_API__: false,
    __INTLIFY_DROP_MESSAGE_COMPILER__: true,
  },
  // The demo garden lies beside the workspaces.
  server: { fs: { allow: ['..'] } },
  worker: { format: 'es' },
  build: {
    outDir: 'dist',
    emptyOutDir: true,
    assetsInlineLimit: 0,
    // What is fetched together lies together on purpose.
    chunkSizeWarningLimit: 700,
    target: 'es2022',
    manifest: true,
    rolldownOptions: {
      output: {
        codeSplitting: {
          includeDependenciesRecursively: false,
          groups: command === 'build' ? await chunkGroups(views()) : [],
        },
      },
    },
  },
  optimizeDeps: {
    include: ['element-plus/es', 'element-plus/es/components/*/style/css', 'highs', 'comlink'],
  },
}))
