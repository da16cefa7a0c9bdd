export * from './common.js';
export * from './club.js';
export * from './teaching.js';
export * from './people.js';
export * from './pattern.js';
export * from './run.js';
export * from './book.js';
export * from './club-file.js';
