import { defineConfig } from 'vite';
import laravel from 'laravel-vite-plugin';

export default defineConfig({
    plugins: [laravel({ input: ['resources/scss/app.scss', 'resources/js/app.js'], refresh: false })],
    css: {
        // Bootstrap 5.3's own Sass warns of what later Sass versions drop; our own files must stay clean.
        preprocessorOptions: { scss: { quietDeps: true } },
    },
    build: {
        // htmx holds one eval() for filters and hx-on; allowEval=false switches it off at run time.
        rollupOptions: { onwarn: (warning, warn) => (warning.code === 'EVAL' ? undefined : warn(warning)) },
    },
});
