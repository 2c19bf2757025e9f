import * as validation from '@learninglocker/xapi-validation';

type Validate = (statement: unknown) => readonly unknown[];

/** The validator under whichever name its module is loaded. */
function validatorOf(module: unknown): Validate {
  const found = (module as { readonly default?: unknown }).default;
  if (typeof found === 'function') return found as Validate;
  if (found === undefined) throw new Error('The validator of statements was not found');
  return validatorOf(found);
}

/** What is wrong with a statement, by the rules of xAPI. */
export const validateStatement = validatorOf(validation);
