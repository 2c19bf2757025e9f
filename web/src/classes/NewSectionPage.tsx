import { useState } from 'react';
import { useSearchParams } from 'react-router';
import Button from 'antd/es/button';
import Form from 'antd/es/form';
import Input from 'antd/es/input';
import { useRead, useWrite } from '../api/index.ts';
import { useClassAtHand, useGo } from '../app/index.ts';
import { AppLink, Loaded, Nothing, PageHead, ProblemNote } from '../parts/index.ts';
import { SectionFields } from './SectionFields.tsx';
import type { SectionEntered } from './SectionFields.tsx';
import { parseRoster } from './roster.ts';

/** A new class with its student numbers. */
export function NewSectionPage() {
  const lists = useRead('lists');
  const sites = useRead('sites');
  const create = useWrite('sectionCreate');
  const go = useGo();
  const atHand = useClassAtHand();
  const [search] = useSearchParams();
  const [roster, setRoster] = useState('');
  const students = parseRoster(roster);
  const send = (e: SectionEntered): void => {
    const { name, term, list, site, level } = e;
    create.mutate(
      { body: { name, term, list, site, level, students } },
      {
        onSuccess: (made) => {
          atHand.choose(made.id);
          go(search.get('then') ?? '/classes');
        },
      },
    );
  };
  return (
    <>
      <PageHead
        title="New class"
        name="New class"
        about="Student numbers are enough. First names are optional."
      />
      <Loaded query={lists}>
        {(ls) =>
          ls.length === 0 ? (
            <Nothing title="Paste a list first">
              A class needs a list of species. <AppLink to="/classes/lists/new">Paste the names</AppLink>.
            </Nothing>
          ) : (
            <Form<SectionEntered>
              layout="vertical"
              requiredMark={false}
              className="panel"
              initialValues={{
                level: 'general',
                list: search.get('list') ?? (ls.length === 1 ? ls[0]?.id : undefined),
                site: sites.data?.length === 1 ? sites.data[0]?.id : undefined,
              }}
              onFinish={send}
            >
              <SectionFields lists={ls} sites={sites.data ?? []} />
              <Form.Item
                label="Student numbers"
                extra={`One per line. Add a comma and a first name if you want. ${students.length} read.`}
              >
                <Input.TextArea
                  aria-label="Student numbers"
                  rows={8}
                  value={roster}
                  spellCheck={false}
                  onChange={(e) => setRoster(e.target.value)}
                />
              </Form.Item>
              <ProblemNote error={create.error} />
              <Button type="primary" htmlType="submit" loading={create.isPending}>
                Create class
              </Button>
            </Form>
          )
        }
      </Loaded>
    </>
  );
}
