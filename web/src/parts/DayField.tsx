import DatePicker from 'antd/es/date-picker';
import dayjs from 'dayjs';

/** As a date is shown, and as it may be typed too. */
const FORMATS = ['MMM D, YYYY', 'YYYY-MM-DD', 'M/D/YYYY'];

/** A day, ISO; it is typed or chosen, and kept once the field is left. */
export function DayField({
  label,
  value,
  onChange,
  allowClear = false,
  bare = false,
  size = 'middle',
}: {
  label: string;
  /** ISO; null for none. */
  value: string | null;
  onChange: (day: string | null) => void;
  allowClear?: boolean;
  size?: 'small' | 'middle';
  /** Without a frame of its own, where its label has one. */
  bare?: boolean;
}) {
  return (
    <DatePicker
      aria-label={label}
      className="day-field"
      size={bare ? 'small' : size}
      {...(bare ? { variant: 'borderless' as const } : {})}
      format={FORMATS}
      allowClear={allowClear}
      value={value === null ? null : dayjs(value)}
      onChange={(day) => {
        if (day) onChange(day.format('YYYY-MM-DD'));
        else if (allowClear) onChange(null);
      }}
    />
  );
}
