/** Who a student is, or nothing of it while names are hidden so that nobody is graded by their name. */
export const whoWords = (
  s: { readonly code: string; readonly firstName: string | null },
  hidden: boolean,
): string => (hidden ? 'hidden' : s.firstName === null ? s.code : `${s.code} ${s.firstName}`);
