import { useSearchParams } from 'react-router';
import Radio from 'antd/es/radio';
import { AUDIENCES } from './audience.ts';
import type { Audience } from './audience.ts';

const WORDS: Readonly<Record<Audience, string>> = {
  young: 'young people',
  general: 'general readers',
  technical: 'technical wording',
};

/** Chooses for whom a sheet is written; it stands in the address, so that it can be kept. */
export function useAudience(): readonly [Audience, React.ReactNode] {
  const [search, setSearch] = useSearchParams();
  const audience = AUDIENCES.find((a) => a === search.get('for')) ?? 'general';
  return [
    audience,
    <Radio.Group
      key="for"
      className="no-print audience-choice"
      aria-label="Written for"
      value={audience}
      options={AUDIENCES.map((a) => ({ value: a, label: WORDS[a] }))}
      onChange={(e) =>
        setSearch((before) => {
          const next = new URLSearchParams(before);
          next.set('for', String(e.target.value));
          return next;
        })
      }
    />,
  ];
}
