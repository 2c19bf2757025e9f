import { useState } from 'react';
import Button from 'antd/es/button';
import Form from 'antd/es/form';
import Input from 'antd/es/input';
import Select from 'antd/es/select';
import type { Section } from '@hurrow/contract';
import { useRead, useWrite } from '../api/index.ts';
import { useGo } from '../app/index.ts';
import { AppLink, Loaded, Nothing, PageHead, ProblemNote } from '../parts/index.ts';
import { parseRoster } from './roster.ts';

interface Entered {
  readonly name: string;
  readonly term: string;
  readonly list: string;
  readonly site: string;
  readonly level: NonNullable<Section['level']>;
  readonly roster: string;
}

const LEVELS = ['young', 'general', 'technical'] as const;
const LEVEL_WORDS: Readonly<Record<(typeof LEVELS)[number], string>> = {
  young: 'young: plain words, short',
  general: 'general: plain words with the terms',
  technical: 'technical: the field’s terms',
};

/** A section with its class numbers. */
export function NewSectionPage() {
  const lists = useRead('lists');
  const sites = useRead('sites');
  const create = useWrite('sectionCreate');
  const go = useGo();
  const [roster, setRoster] = useState('');
  const students = parseRoster(roster);
  const send = (e: Entered): void => {
    const { name, term, list, site, level } = e;
    create.mutate({ body: { name, term, list, site, level, students } }, { onSuccess: () => go('/classes') });
  };
  const need = (message: string) => [{ required: true, message }];
  return (
    <>
      <PageHead
        title="New section"
        name="New section"
        about="Class numbers are enough; a first name is never needed."
      />
      <Loaded query={lists}>
        {(ls) =>
          ls.length === 0 ? (
            <Nothing title="Make a list first">
              A section works with a list. <AppLink to="/classes/lists/new">Paste the names</AppLink> of the
              class.
            </Nothing>
          ) : (
            <Form<Entered> layout="vertical" requiredMark={false} className="panel" onFinish={send}>
              <div className="two-columns">
                <Form.Item label="Name" name="name" rules={need('Name the section.')}>
                  <Input autoFocus />
                </Form.Item>
                <Form.Item label="Term" name="term" rules={need('Enter the term.')}>
                  <Input />
                </Form.Item>
                <Form.Item label="List" name="list" rules={need('Choose the list.')}>
                  <Select options={ls.map((l) => ({ value: l.id, label: l.name }))} />
                </Form.Item>
                <Form.Item label="Site" name="site" rules={need('Choose the site.')}>
                  <Select options={(sites.data ?? []).map((s) => ({ value: s.id, label: s.name }))} />
                </Form.Item>
                <Form.Item label="Wording" name="level" initialValue="general">
                  <Select options={LEVELS.map((value) => ({ value, label: LEVEL_WORDS[value] }))} />
                </Form.Item>
              </div>
              <Form.Item
                label="Class numbers"
                extra={`One per line. Add a comma and a first name if you want. ${students.length} read.`}
              >
                <Input.TextArea
                  aria-label="Class numbers"
                  rows={8}
                  value={roster}
                  spellCheck={false}
                  onChange={(e) => setRoster(e.target.value)}
                />
              </Form.Item>
              <ProblemNote error={create.error} />
              <Button type="primary" htmlType="submit" loading={create.isPending}>
                Make the section
              </Button>
            </Form>
          )
        }
      </Loaded>
    </>
  );
}
