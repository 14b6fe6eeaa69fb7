import { reactRouter } from '@react-router/dev/vite';
import { defineConfig } from 'vite';
import { compression } from 'vite-plugin-compression2';

export default defineConfig({
  // What the server hands out is compressed once, at its best.
  plugins: [reactRouter(), compression({ include: /\.(?:js|css|svg|html)$/, algorithms: ['gzip', 'brotliCompress'] })],
  oxc: { plugins: { styledComponents: { ssr: true } } },
  ssr: { noExternal: ['styled-components'] },
  optimizeDeps: {
    entries: ['app/**/*.{ts,tsx}', 'core/**/*.ts'],
    include: ['styled-components > stylis', 'styled-components > @emotion/is-prop-valid'],
  },
  worker: { format: 'es' },
  environments: {
    client: {
      build: {
        rolldownOptions: {
          // What three places or more need is one file: sixty small ones took twice as long to come as this one.
          output: { codeSplitting: { groups: [{ name: 'shared', minShareCount: 3 }] } },
        },
      },
    },
  },
});
