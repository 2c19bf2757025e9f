import Button from 'antd/es/button';
import Dropdown from 'antd/es/dropdown';
import type { ResultFormat } from '@hurrow/contract';
import { addressOf } from '../api/index.ts';

const FORMATS: readonly { readonly id: ResultFormat; readonly label: string }[] = [
  { id: 'asks', label: 'Grades by question (CSV)' },
  { id: 'responses', label: 'Answers (CSV)' },
  { id: 'gradebook', label: 'Gradebook (CSV)' },
];

/** Saves the grades of one sitting as a file. */
export function ExportGrades({ sitting }: { sitting: string }) {
  return (
    <Dropdown
      trigger={['click']}
      menu={{
        items: FORMATS.map((f) => ({
          key: f.id,
          label: (
            <a href={addressOf('resultsFile', { params: { format: f.id }, query: { sitting } })} download>
              {f.label}
            </a>
          ),
        })),
      }}
    >
      <Button>Export</Button>
    </Dropdown>
  );
}
