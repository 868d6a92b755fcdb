export function everySeed(): number;
