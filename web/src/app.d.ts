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
			failed: import('$lib/server/failedAs').Failed | null;
		}
	}
}
export {};
