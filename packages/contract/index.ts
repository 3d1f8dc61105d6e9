export * from './arrivals.ts';
export * from './common.ts';
export * from './endpoint.ts';
export * from './events.ts';
export * from './intake.ts';
export * from './rules.ts';
export * from './tasks.ts';
