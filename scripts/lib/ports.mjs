import { readdirSync, readFileSync, readlinkSync } from 'node:fs';

/** Who listens on a port of this machine: its process and how it was called; `null` where that is another user's, or nobody's. Source: proc(5). */
export function holderOf(port) {
	const inodes = new Set(['/proc/net/tcp', '/proc/net/tcp6'].flatMap((file) => listening(file, port)));
	if (inodes.size === 0) return null;
	for (const pid of readdirSync('/proc').filter((name) => /^\d+$/.test(name)))
		if (holds(pid, inodes)) {
			const command = readFileSync(`/proc/${pid}/cmdline`, 'utf8').split('\0').join(' ').trim();
			return { pid: Number(pid), command };
		}
	return null;
}

/** Sockets that listen (state 0A) on the port, by their inode. */
function listening(file, port) {
	const hex = port.toString(16).toUpperCase().padStart(4, '0');
	try {
		return readFileSync(file, 'utf8')
			.split('\n')
			.map((line) => line.trim().split(/\s+/))
			.filter(([, local, , state]) => local?.endsWith(`:${hex}`) && state === '0A')
			.map((fields) => fields[9]);
	} catch {
		return [];
	}
}

function holds(pid, inodes) {
	try {
		return readdirSync(`/proc/${pid}/fd`).some((fd) => {
			const [, inode] = /^socket:\[(\d+)\]$/.exec(readlinkSync(`/proc/${pid}/fd/${fd}`)) ?? [];
			return inode !== undefined && inodes.has(inode);
		});
	} catch {
		// Another user's, or gone meanwhile.
		return false;
	}
}
