export function serverBin(): string;
export function needPostgres(): Promise<string>;
export class Cluster {
	constructor(options: { folder: string; port: number; name: string });
	readonly bin: string;
	readonly port: number;
	readonly data: string;
	start(): Promise<string>;
	revive(): Promise<boolean>;
	database(name: string): Promise<string>;
	url(name: string): string;
	kill(): void;
	release(): Promise<void>;
	stop(): Promise<void>;
	discard(): Promise<void>;
}
