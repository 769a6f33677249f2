import { defineConfig } from '@playwright/test';

/** Runs against the application that bin/test started; its address stands in VELBRIN_URL. */
export default defineConfig({
    testDir: 'e2e',
    // A machine that others use as well may stand still for seconds: patience costs nothing where all is well.
    timeout: 480_000,
    expect: { timeout: 30_000 },
    workers: 1,
    retries: 0,
    outputDir: 'var/test/playwright',
    reporter: [['list']],
    use: {
        // Where it hangs is said, instead of a test that ends somewhere.
        actionTimeout: 60_000,
        baseURL: process.env.VELBRIN_URL,
        viewport: { width: 1280, height: 800 },
        locale: 'en-GB',
        timezoneId: 'Europe/London',
        launchOptions: {
            // Chromium without its window: the whole one keeps several hidden pages of its own for each of ours.
            executablePath: '/usr/bin/chromium-headless-shell',
            args: [
                '--no-sandbox',
                '--disable-gpu',
                '--disable-quic',
                '--no-first-run',
                '--disable-background-networking',
                '--disable-component-update',
                '--disable-sync',
            ],
        },
    },
});
