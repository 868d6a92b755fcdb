import pino from 'pino';

/** Structured log on standard output, one JSON object a line. */
export const log = pino({ level: process.env.LOG_LEVEL ?? 'info', base: null });
