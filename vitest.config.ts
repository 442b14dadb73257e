import { defineConfig } from 'vitest/config';

// Pure functions only: what the screens do is tested in Chromium (tests/Browser).
export default defineConfig({ test: { include: ['resources/**/*.test.ts'], testTimeout: 30_000 } });
