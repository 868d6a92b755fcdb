import { spawn, type ChildProcess } from 'node:child_process';
import { randomUUID } from 'node:crypto';
import { createServer } from 'node:net';
import { fileURLToPath } from 'node:url';
import { test as base } from '@playwright/test';
import pg from 'pg';
import { asApp, copyOfTemplate, seed } from '../scripts/lib/database.mjs';

/** Names the caller to an application that is told to believe it (`ADDRESS_HEADER`, as behind a proxy). */
export const callerHeader = 'x-caller';

type Env = Readonly<Record<string, string>>;

/** The built application on a port and a database of its own; it can be killed and started again. */
export class Application {
	#process: ChildProcess | null = null;
	private constructor(
		readonly port: number,
		readonly databaseUrl: string,
		private readonly env: Env
	) {}

	static async start(
		admin = process.env.TEST_DATABASE_URL,
		env: Env | ((port: number) => Env) = {}
	): Promise<Application> {
		if (!admin) throw new Error('TEST_DATABASE_URL is not set: run npm test');
		const url = await copyOfTemplate(admin, `e2e_${randomUUID().replaceAll('-', '')}`);
		const port = await freePort();
		const application = new Application(port, url, typeof env === 'function' ? env(port) : env);
		await application.run();
		return application;
	}

	get address(): string {
		return `http://127.0.0.1:${this.port}`;
	}

	/** Sends JSON to a route. */
	post(path: string, body: unknown): Promise<Response> {
		return fetch(`${this.address}${path}`, {
			method: 'POST',
			headers: { 'content-type': 'application/json' },
			body: JSON.stringify(body)
		});
	}

	async run(): Promise<void> {
		this.#process = spawn('node', ['serve.mjs'], {
			cwd: fileURLToPath(new URL('../web', import.meta.url)),
			env: {
				...process.env,
				PORT: String(this.port),
				HOST: '127.0.0.1',
				DATABASE_URL: asApp(this.databaseUrl),
				BODY_SIZE_LIMIT: '11M',
				LOG_LEVEL: 'fatal',
				...this.env
			},
			stdio: ['ignore', 'ignore', 'inherit']
		});
		for (let attempt = 0; attempt < 200; attempt++) {
			try {
				if ((await fetch(`${this.address}/health`, { headers: { [callerHeader]: '127.0.0.1' } })).ok) return;
			} catch {
				// Not listening yet.
			}
			await new Promise((resolve) => setTimeout(resolve, 50));
		}
		throw new Error('the application never answered');
	}

	/** Demo homes as they are at first, and nobody else’s: what a test before left is out of sight. */
	async madeNew(): Promise<void> {
		const client = new pg.Client({ connectionString: this.databaseUrl });
		await client.connect();
		await client.query('update household set retired_at = now() where retired_at is null');
		await client.end();
		await seed(this.databaseUrl, { reset: true });
	}

	get running(): boolean {
		return this.#process !== null && this.#process.exitCode === null;
	}

	/** Told to stop, as by Ctrl-C; ends when it has. */
	async stop(): Promise<void> {
		await this.#end('SIGTERM');
	}

	async kill(): Promise<void> {
		await this.#end('SIGKILL');
	}

	async #end(signal: 'SIGTERM' | 'SIGKILL'): Promise<void> {
		const running = this.#process;
		if (!running) return;
		const ended = new Promise((resolve) => running.once('exit', resolve));
		running.kill(signal);
		await ended;
		this.#process = null;
	}
}

const freePort = (): Promise<number> =>
	new Promise((resolve) => {
		const server = createServer().listen(0, '127.0.0.1', () => {
			const address = server.address();
			server.close(() => resolve(typeof address === 'object' && address ? address.port : 0));
		});
	});

/**
 * Tests of one worker share an application and have homes of their own in it, one after the other; one that kills it, stops it or fills it says so (`@own`) and has one to
 * itself.
 */
export const test = base.extend<{ application: Application }, { shared: Application }>({
	shared: [
		// Playwright reads the names of what a fixture needs from this pattern: none.
		// eslint-disable-next-line no-empty-pattern
		async ({}, use) => {
			const application = await Application.start();
			await use(application);
			await application.kill();
		},
		{ scope: 'worker' }
	],
	application: async ({ shared }, use, { tags }) => {
		if (!tags.includes('@own')) {
			await shared.madeNew();
			return use(shared);
		}
		const own = await Application.start();
		await use(own);
		await own.kill();
	},
	baseURL: async ({ application }, use) => use(application.address)
});
export { expect } from '@playwright/test';
