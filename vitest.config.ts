import react from '@vitejs/plugin-react';
import { defineConfig } from 'vitest/config';
import { version } from './package.json';

// Functions, and components by themselves; whole screens are tested in Chromium (tests/Browser).
export default defineConfig({
    plugins: [react()],
    define: { __VERSION__: JSON.stringify(version) },
    test: {
        include: ['resources/**/*.test.{ts,tsx}'],
        // Machines are shared: no test fails for slowness.
        testTimeout: 600_000,
        setupFiles: ['resources/test/around.ts'],
        css: { include: [/palette\.css/] },
    },
});
