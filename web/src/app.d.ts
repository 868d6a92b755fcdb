declare global {
	namespace App {
		interface Error {
			message: string;
			code: string;
		}
		interface Locals {
			theme: 'light' | 'dark' | 'auto';
			requestId: string;
		}
	}
}
export {};
