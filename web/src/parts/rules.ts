/** What a field of a number with decimals accepts. */
export const IS_NUMBER = { pattern: /^-?\d+(\.\d+)?$/, message: 'Write a number, such as 47.9.' };
