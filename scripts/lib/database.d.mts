export function migrate(databaseUrl: string): Promise<string>;
export function seed(databaseUrl: string, options: { reset: boolean }): Promise<string>;
export function copyOfTemplate(admin: string, name: string): Promise<string>;
export function newPairingCode(databaseUrl: string): Promise<string>;
