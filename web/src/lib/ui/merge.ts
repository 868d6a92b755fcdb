import { cn } from 'tailwind-variants';

/*
 * Stands for the package of this name (`vite.config.ts`): what makes the library’s variants brings its own merging of classes, and a page carries one of them.
 */
export const twMerge = (...classes: Parameters<typeof cn>): string => cn(...classes) ?? '';
