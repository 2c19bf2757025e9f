import Bowser from 'bowser';

/** The name of a browser as its owner knows it, such as “Firefox on Windows”; null where it tells none. */
export function browserName(userAgent: string | undefined): string | null {
  if (!userAgent) return null;
  const { browser, os } = Bowser.parse(userAgent);
  const words = [browser.name, os.name].filter((w) => w !== undefined && w !== '');
  return words.length === 0 ? null : words.join(' on ').slice(0, 80);
}
