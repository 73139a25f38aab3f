import { defineConfig } from 'vitest/config';

export default defineConfig({ test: { include: ['tests/Scripts/**/*.test.js'] } });
