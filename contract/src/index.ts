export * from './routes.ts';
export * from './problems.ts';
export * from './people.ts';
export * from './library.ts';
export * from './quizzes.ts';
export * from './marking.ts';
export * from './walk.ts';
export * from './bundle.ts';
