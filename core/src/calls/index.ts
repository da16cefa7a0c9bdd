export * from './calls.js';
export * from './callable.js';
export * from './draw.js';
export * from './foresee.js';
export * from './plain.js';
