export function walkFiles(): string[];
export function importsOf(file: string, known?: Set<string>): Set<string>;
export function hashOf(file: string): string;
export function newWalks(): string[];
export function keepWalks(files: readonly string[], walked: readonly [string, number, number][]): string[];
export function walkedIn(output: string): [name: string, states: number, commands: number][];
