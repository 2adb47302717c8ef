import react from '@vitejs/plugin-react';
import { defineConfig } from 'vitest/config';

/** The page's own logic, without a browser and without a server. */
export default defineConfig({
  plugins: [react()],
  test: {
    include: ['web/tests/**/*.test.{ts,tsx}'],
    environment: 'happy-dom',
    environmentOptions: { happyDOM: { url: 'http://shop.test/' } },
    unstubGlobals: true,
    reporters: ['default', 'junit'],
    outputFile: { junit: 'var/check/logic.xml' },
  },
});
