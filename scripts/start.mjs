import { spawn } from 'node:child_process';
import { existsSync, readdirSync, statSync } from 'node:fs';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { run } from './lib/run.mjs';
import { Advice, fail, sinceStart, stage } from './lib/say.mjs';

const root = fileURLToPath(new URL('..', import.meta.url));
const development = process.argv.includes('--dev');
const resetDemo = process.argv.includes('--demo-reset');
const port = Number(process.env.PORT ?? 4173);
const host = process.env.HOST ?? '127.0.0.1';
process.chdir(root);

/** Everything from a fresh checkout to a served page; each stage is skipped when it was done before. */
async function start() {
	if (!Number.isInteger(port) || port < 1 || port > 65535)
		throw new Advice(`PORT must be a number from 1 to 65535, and is “${process.env.PORT}”.`);
	if (Number(process.versions.node.split('.')[0]) < 20)
		throw new Advice(`Node.js 20 or newer is needed; this is ${process.version}.`);
	console.log('Wary Hand');
	if (
		!existsSync('node_modules/.package-lock.json') ||
		newer('package-lock.json', 'node_modules/.package-lock.json')
	)
		await stage('packages (npm ci)', () => run('npm', ['ci', '--no-audit', '--no-fund']).then(() => ''));
	const { Cluster, needPostgres, portTaken } = await import('./lib/postgres.mjs');
	if (!resetDemo && (await portTaken(port, host))) {
		const { holderOf } = await import('./lib/ports.mjs');
		const holder = holderOf(port);
		const by = holder
			? `by process ${holder.pid} (${holder.command.slice(0, 80)})`
			: 'by another user’s process';
		throw new Advice(
			`Port ${port} on ${host} is taken ${by}. Is Wary Hand running already? Otherwise choose another: PORT=${port + 1} npm start`
		);
	}

	let cluster = null;
	let url = process.env.DATABASE_URL;
	if (!url) {
		await stage('PostgreSQL', needPostgres);
		cluster = new Cluster({ folder: join(root, '.data'), port: 5468, name: 'main' });
		await stage('database server', () => cluster.start());
		url = await cluster.database('wary');
	}
	const { letApp, lookAtTables, migrate, seed } = await import('./lib/database.mjs');
	await stage('database tables', () => migrate(url).catch((error) => Promise.reject(reachable(error, url))));
	await stage(resetDemo ? 'demo homes, as at first' : 'demo homes', () => seed(url, { reset: resetDemo }));
	await lookAtTables(url);
	if (cluster) await letApp(url, cluster.access.app);
	if (resetDemo) return void (await cluster?.release());
	if (!development && buildIsOld())
		await stage('build', () => run('npm', ['run', 'build', '-w', 'web']).then(() => ''));
	await serve(url, cluster);
}

/** Runs the server until it or we are told to stop; meanwhile brings our own database server back when it dies. Then stops it, if it is ours. */
async function serve(url, cluster) {
	const [command, args] = development
		? ['npx', ['vite', 'dev', '--port', String(port), '--host', host]]
		: ['node', ['serve.mjs']];
	const everywhere = host === '0.0.0.0' || host === '::';
	const address = `http://${everywhere ? '127.0.0.1' : host.includes(':') ? `[${host}]` : host}:${port}`;
	const env = {
		...process.env,
		DATABASE_URL: cluster ? cluster.appUrl('wary') : url,
		PORT: String(port),
		HOST: host,
		BODY_SIZE_LIMIT: '11M',
		// Where records are kept, if that is here: its free space is watched.
		...(cluster && { DATA_FOLDER: cluster.data })
	};
	const { keep } = await import('./lib/keep.mjs');
	const server = keep(() =>
		spawn(command, args, {
			cwd: join(root, 'web'),
			env,
			// By the last of them it knows when we are gone, however that came.
			stdio: ['ignore', 'inherit', 'inherit', 'ipc'],
			// Ctrl-C reaches the whole group: the server is stopped by us, once.
			detached: true
		})
	);
	let stopping = false;
	// A terminal that is closed sends SIGHUP, and takes no more words.
	process.stdout.on('error', () => {});
	process.stderr.on('error', () => {});
	for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP'])
		process.on(signal, () => {
			stopping = true;
			server.stop();
		});
	const watching =
		cluster && setInterval(() => void cluster.revive().catch((error) => console.error(error.message)), 1000);
	const up = await Promise.race([answers(`${address}/health`), server.ended.then(() => false)]);
	if (up) {
		console.log(`\nReady after ${sinceStart()}: ${address}\nCtrl-C stops it.`);
		if (everywhere || process.env.ORIGIN) await inviteOthers(url);
	}
	const code = await server.ended;
	clearInterval(watching ?? undefined);
	await cluster?.release();
	if (!stopping) throw new Advice(`The server ended by itself (${code}), four times in a minute.`);
}

/** Says where other devices of the local network find it, with a code that lets one of them in. */
async function inviteOthers(url) {
	const { machineAddresses } = await import('./lib/addresses.mjs');
	const { newPairingCode } = await import('./lib/database.mjs');
	const { default: qrcode } = await import('qrcode');
	const addresses = process.env.ORIGIN
		? [process.env.ORIGIN]
		: machineAddresses(host).map((each) => `http://${each}:${port}`);
	if (addresses.length === 0) return;
	console.log(`\nFor other devices:\n${addresses.map((each) => `  ${each}`).join('\n')}`);
	const link = `${addresses[0]}/pair?code=${await newPairingCode(url)}`;
	console.log(
		`\nTo let a phone in, scan this within ten minutes (once; more in Settings, Devices):\n${await qrcode.toString(link, { type: 'terminal', small: true })}\n${link}`
	);
}

async function answers(address) {
	for (let attempt = 0; attempt < 600; attempt++) {
		try {
			if ((await fetch(address)).ok) return true;
		} catch {
			// Not listening yet.
		}
		await new Promise((resolve) => setTimeout(resolve, 50));
	}
	return false;
}

/** A database that can't be reached is said so, without its password; anything else stays what it is. */
function reachable(error, url) {
	const codes = {
		ECONNREFUSED: 'nobody answers there',
		ENOTFOUND: 'there is no such host',
		'28P01': 'the password is wrong',
		'3D000': 'there is no such database',
		28000: 'that user may not'
	};
	return codes[error.code]
		? new Advice(`The database at ${url.replace(/:[^:@/]*@/, ':…@')} can't be used: ${codes[error.code]}.`)
		: error;
}

const newer = (file, than) => statSync(file).mtimeMs > statSync(than).mtimeMs;

function buildIsOld() {
	const built = 'web/build/index.js';
	if (!existsSync(built)) return true;
	const sources = [
		'core/src',
		'web/src',
		'web/static',
		'web/vite.config.ts',
		'web/svelte.config.js',
		'package-lock.json'
	];
	return sources.some((source) => existsSync(source) && newestMs(source) > statSync(built).mtimeMs);
}

function newestMs(path) {
	const info = statSync(path);
	return info.isDirectory()
		? Math.max(info.mtimeMs, ...readdirSync(path).map((name) => newestMs(join(path, name))))
		: info.mtimeMs;
}

start().catch(fail);
