import { defineConfig } from '@playwright/test';
import tests from '../playwright.config.js';

/** `npm run pictures`: the pictures of the README, taken anew of the demo. */
export default defineConfig({ ...tests, testDir: '.', testMatch: '*.picture.ts', outputDir: '../../test-results', reporter: 'list' });
