import { format } from 'oxfmt';

/** Lays out a report in Markdown as the check of the format wants it. */
export async function laidOut(text: string): Promise<string> {
  const { code, errors } = await format('report.md', text, { printWidth: 130, proseWrap: 'preserve' });
  if (errors.length > 0) throw new Error(`The report could not be laid out: ${errors[0]?.message ?? ''}`);
  return code;
}
