import { defineConfig } from '@playwright/test';

// One worker: every test works on the same house. Debian's Chromium, never a downloaded one.
export default defineConfig({
    testDir: 'tests/Browser',
    outputDir: 'tests/Browser/results',
    workers: 1,
    timeout: 120_000,
    expect: { timeout: 30_000 },
    reporter: [['list'], ['./tests/Browser/closing-line.js']],
    use: {
        baseURL: process.env.BASE_URL ?? 'http://127.0.0.1:8410',
        launchOptions: { executablePath: '/usr/bin/chromium' },
        screenshot: 'only-on-failure',
    },
    projects: [
        { name: 'tablet', testIgnore: /phone/, use: { viewport: { width: 1280, height: 800 } } },
        { name: 'phone', testMatch: /phone/, use: { viewport: { width: 390, height: 844 }, hasTouch: true } },
    ],
});
