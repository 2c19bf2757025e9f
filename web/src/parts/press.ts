/**
 * Shows how one of several buttons stands while one action is under way. The button of that action turns; the others
 * are disabled, since a button that turns swallows a press without a word.
 * @param doing the action under way; null for none.
 */
export const pressState = <A extends string>(
  doing: A | null,
  own: A,
): { readonly loading: boolean; readonly disabled: boolean } => ({
  loading: doing === own,
  disabled: doing !== null && doing !== own,
});
