import DatePicker from 'antd/es/date-picker';
import Select from 'antd/es/select';
import dayjs from 'dayjs';
import type { QuizDetail } from '@hurrow/contract';
import { showDate } from '@hurrow/core/conditions';
import { useSession } from '../app/index.ts';
import { OWN_DAY } from './judgedFor.ts';
import { STATE_WORDS } from './words.ts';

/** For which sitting, or for which day, the stations are judged. */
export function JudgedFor({
  quiz,
  sitting,
  day,
  onChange,
}: {
  quiz: QuizDetail;
  sitting: string | null;
  day: string;
  onChange: (judged: string, day?: string) => void;
}) {
  const { today } = useSession();
  return (
    <div className="judged-for">
      <label htmlFor="judged-for">Judged for</label>
      <Select
        id="judged-for"
        size="small"
        value={sitting ?? OWN_DAY}
        onChange={(v) => onChange(v)}
        options={[
          ...quiz.sittings.map((s) => ({
            value: s.id,
            label: `${showDate(s.on, today)}, ${s.sectionName} (${STATE_WORDS[s.state]})`,
          })),
          { value: OWN_DAY, label: 'a day, without a sitting' },
        ]}
      />
      {sitting === null ? (
        <DatePicker
          size="small"
          allowClear={false}
          aria-label="Day"
          format="ddd, MMM D, YYYY"
          value={dayjs(day)}
          onChange={(d) => d && onChange(OWN_DAY, d.format('YYYY-MM-DD'))}
        />
      ) : null}
    </div>
  );
}
