import type { Page } from '@playwright/test';

/** Waits until a page that was opened answers: what is done from then on is done by it, not kept by the script in `app.html`. */
export const answers = async (page: Page): Promise<void> => {
	await page.waitForFunction(() => !(globalThis as { early?: unknown }).early);
};
