import { fileURLToPath } from 'node:url'
import vue from '@vitejs/plugin-vue'
import Components from 'unplugin-vue-components/vite'
import { ElementPlusResolver } from 'unplugin-vue-components/resolvers'
import { defineConfig } from 'vitest/config'

export default defineConfig({
  plugins: [vue(), Components({ dirs: [], resolvers: [ElementPlusResolver({ importStyle: 'css' })], dts: false })],
  resolve: { alias: { '@': fileURLToPath(new URL('./src', import.meta.url)) } },
  build: { outDir: '../DeepBaize.Web/wwwroot', emptyOutDir: true, chunkSizeWarningLimit: 900 },
  server: { proxy: { '/api': 'http://127.0.0.1:5080' } },
  // One world for all files of tests: to build it anew for each took four fifths of the time. A test puts back what it changes.
  // A test that waits on a busy machine is slow and not wrong.
  test: {
    environment: 'happy-dom',
    pool: 'threads',
    isolate: false,
    testTimeout: 30_000,
    server: { deps: { inline: ['element-plus'] } },
  },
})
