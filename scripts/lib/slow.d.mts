export const longest: readonly string[];
export const slow: readonly string[];
