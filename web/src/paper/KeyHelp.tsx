const KEYS: readonly (readonly [key: string, does: string])[] = [
  ['Enter', 'rest of the line right'],
  ['Space', 'this answer right'],
  ['/', 'right but misspelled'],
  ['gf Enter', 'another species, by its letters'],
  ['Shift Enter', 'exactly as written'],
  ['1 2 3', 'the circled number'],
  ['-', 'blank'],
  ['!', 'cannot be told'],
  ['~', 'not sure'],
  ['?', 'illegible, to look at again'],
  ['*', 'not reached'],
  ['Backspace', 'go back and change'],
  ['F2', 'change this answer'],
];

/** The keys of an entry. */
export function KeyHelp() {
  return (
    <section className="panel" aria-label="Keys of the entry">
      <h2>Keys</h2>
      <dl className="entry-keys">
        {KEYS.map(([key, does]) => (
          <div key={key}>
            <dt>
              <kbd>{key}</kbd>
            </dt>
            <dd>{does}</dd>
          </div>
        ))}
      </dl>
    </section>
  );
}
