const OBEY = [
  /^\/species$/,
  /^\/species\/(table|record|seasons|range|growing)$/,
  /^\/species\/[0-9a-z-]+(\/write)?$/,
  /^\/compare(\/|$)/,
  /^\/reteach\/./,
];
const NOT = /^\/(species\/(sources|glossary|disagreements)|compare\/names)(\/|$)/;

/** Whether a page computes what it shows under the conditions of the bar. */
export const obeysConditions = (path: string): boolean => !NOT.test(path) && OBEY.some((p) => p.test(path));
