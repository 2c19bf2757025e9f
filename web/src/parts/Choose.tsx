import Select from 'antd/es/select';

export interface Choice<V extends string> {
  readonly value: V;
  readonly label: string;
}

const BARE = { variant: 'borderless', size: 'small' } as const;

/** A choice among a few that are all known; it is named by its label, wherever that stands. */
export function Choose<V extends string>({
  label,
  value,
  options,
  onChange,
  disabled = false,
  autoFocus = false,
  bare = false,
  className,
}: {
  label: string;
  value: V;
  options: readonly Choice<V>[];
  onChange: (value: V) => void;
  disabled?: boolean;
  autoFocus?: boolean;
  /** Without a frame of its own, where its label has one. */
  bare?: boolean;
  className?: string;
}) {
  return (
    <Select<V>
      aria-label={label}
      className={`choose${className ? ` ${className}` : ''}`}
      value={value}
      options={[...options]}
      onChange={onChange}
      {...(bare ? BARE : {})}
      disabled={disabled}
      autoFocus={autoFocus}
      // All of them are in the page, so that they are found by search, by letter and by a reader.
      virtual={false}
      popupMatchSelectWidth={false}
    />
  );
}
