import optimizeLocales from '@react-aria/optimize-locales-plugin';
import { reactRouter } from '@react-router/dev/vite';
import { defineConfig } from 'vite';

export default defineConfig({
  plugins: [
    // The words that React Aria says by itself; the program speaks English.
    optimizeLocales.vite({ locales: ['en-US'] }),
    reactRouter(),
  ],
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
