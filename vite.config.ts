import { reactRouter } from '@react-router/dev/vite';
import { defineConfig } from 'vite';

export default defineConfig({
  plugins: [reactRouter()],
  oxc: { plugins: { styledComponents: { ssr: true } } },
  ssr: { noExternal: ['styled-components'] },
  optimizeDeps: {
    entries: ['app/**/*.{ts,tsx}', 'core/**/*.ts'],
    include: ['styled-components > stylis', 'styled-components > @emotion/is-prop-valid'],
  },
  worker: { format: 'es' },
});
