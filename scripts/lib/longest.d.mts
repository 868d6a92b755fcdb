export const longest: readonly string[];
