export function machineAddresses(): string[];
