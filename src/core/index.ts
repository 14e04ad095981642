/** Front door of the core: everything that a screen or a worker may ask of the model. */
export * from './abrasive';
export * from './edge';
export * from './inspection';
export * from './kit';
export * from './ladder';
export * from './sharpness';
export * from './touchUp';
export * from './wear';
