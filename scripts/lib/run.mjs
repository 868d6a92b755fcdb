import { spawn } from 'node:child_process';

/** Runs a command to its end; its output is kept and shown only when it fails, unless `show` is set. */
export function run(command, args, { show = false, ...options } = {}) {
	return new Promise((resolve, reject) => {
		const child = spawn(command, args, { stdio: show ? 'inherit' : ['ignore', 'pipe', 'pipe'], ...options });
		let output = '';
		child.stdout?.on('data', (chunk) => (output += chunk));
		child.stderr?.on('data', (chunk) => (output += chunk));
		child.on('error', reject);
		child.on('close', (code, signal) =>
			code === 0 ? resolve(output) : reject(new CommandFailed(command, args, code ?? signal, output))
		);
	});
}

export class CommandFailed extends Error {
	constructor(command, args, code, output) {
		super(`${command} ${args.join(' ')} ended with ${code}\n${output}`);
		this.output = output;
		this.code = code;
	}
}
