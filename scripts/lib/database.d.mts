export function migrate(databaseUrl: string): Promise<string>;
export function seed(databaseUrl: string, options: { reset: boolean }): Promise<string>;
export function copyOfTemplate(admin: string, name: string): Promise<string>;
export function newPairingCode(databaseUrl: string): Promise<string>;
/** Has the server look at what its tables hold. */
export function lookAtTables(databaseUrl: string): Promise<void>;
/** Lets the application in as a role that owns nothing. */
export function letApp(databaseUrl: string, password: string): Promise<void>;
/** A test’s database as the application comes into it. */
export function asApp(databaseUrl: string): string;
