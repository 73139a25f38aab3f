import laravel from 'laravel-vite-plugin';
import { defineConfig } from 'vite';
import cutFonts from './resources/fonts.config.js';

export default defineConfig({
  plugins: [cutFonts(), laravel({ input: ['resources/sass/app.scss', 'resources/js/app.js'], refresh: false })],
  build: { assetsInlineLimit: 0, reportCompressedSize: false },
  css: {
    preprocessorOptions: {
      // Bootstrap 5.3 still uses @import and the old colour functions; its warnings are not ours to mend.
      scss: { quietDeps: true, silenceDeprecations: ['import', 'global-builtin', 'color-functions', 'if-function'] },
    },
  },
});
