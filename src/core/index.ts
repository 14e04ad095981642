/** Front door of the core: everything that a screen or a worker may ask of the model. */
export * from './abrasive';
export * from './edge';
export * from './inspection';
export * from './jobs';
export * from './kit';
export * from './ladder';
export * from './learn';
export * from './schools';
export * from './sharpness';
export * from './touchUp';
export * from './wear';
