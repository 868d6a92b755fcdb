import type { Failed } from '$lib/server/failedAs';

declare global {
	namespace App {
		interface Error {
			message: string;
			code: string;
		}
		interface Locals {
			theme: 'light' | 'dark' | 'auto';
			requestId: string;
			/** What went wrong inside that has an answer of its own. */
			failed: Failed | null;
		}
	}
}
export {};
