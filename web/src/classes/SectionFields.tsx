import Form from 'antd/es/form';
import Input from 'antd/es/input';
import Select from 'antd/es/select';
import type { ListSummary, Section, Site } from '@hurrow/contract';

/** What the form of a class holds. */
export interface SectionEntered {
  readonly name: string;
  readonly term: string;
  readonly list: string;
  readonly site: string;
  readonly level: NonNullable<Section['level']>;
}

const LEVELS = ['young', 'general', 'technical'] as const;
const LEVEL_WORDS: Readonly<Record<(typeof LEVELS)[number], string>> = {
  young: 'Young: short, plain words',
  general: 'General: plain words with the terms',
  technical: 'Technical: the terms of the field',
};

const need = (message: string) => [{ required: true, message }];

/** The fields of a class, new or changed. */
export function SectionFields({ lists, sites }: { lists: readonly ListSummary[]; sites: readonly Site[] }) {
  return (
    <div className="two-columns">
      <Form.Item label="Name" name="name" rules={need('Name the class.')}>
        <Input autoFocus maxLength={120} />
      </Form.Item>
      <Form.Item label="Term" name="term" rules={need('Enter the term.')}>
        <Input maxLength={60} />
      </Form.Item>
      <Form.Item label="List" name="list" rules={need('Choose the list.')}>
        <Select options={lists.map((l) => ({ value: l.id, label: `${l.name} (${l.size})` }))} />
      </Form.Item>
      <Form.Item label="Site" name="site" rules={need('Choose the site.')}>
        <Select options={sites.map((s) => ({ value: s.id, label: s.name }))} />
      </Form.Item>
      <Form.Item label="Wording" name="level">
        <Select options={LEVELS.map((value) => ({ value, label: LEVEL_WORDS[value] }))} />
      </Form.Item>
    </div>
  );
}
