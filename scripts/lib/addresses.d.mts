export function machineAddresses(host?: string): string[];
