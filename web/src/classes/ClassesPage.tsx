import './classes.css';
import { useState } from 'react';
import Button from 'antd/es/button';
import Popconfirm from 'antd/es/popconfirm';
import type { Section } from '@hurrow/contract';
import { useRead, useWrite } from '../api/index.ts';
import { useClassAtHand, useGo, useMayTeach } from '../app/index.ts';
import { AppLink, Loaded, Nothing, PageHead, ProblemNote, counted } from '../parts/index.ts';
import { AddStudents } from './AddStudents.tsx';
import { SectionEditor } from './SectionEditor.tsx';
import { SitesPanel } from './SitesPanel.tsx';
import { StudentMenu } from './StudentMenu.tsx';

type Student = Section['students'][number];

function Roster({ section, onOpen }: { section: Section; onOpen: (s: Student) => void }) {
  const mayTeach = useMayTeach();
  if (section.students.length === 0) return <p className="quiet">No students yet.</p>;
  return (
    <ul className="roster">
      {section.students.map((s) => (
        <li key={s.id}>
          {mayTeach ? (
            <Button type="link" size="small" className="as-link number" onClick={() => onOpen(s)}>
              {s.code}
              {s.firstName ? ` ${s.firstName}` : ''}
            </Button>
          ) : (
            <>
              <span className="number">{s.code}</span> {s.firstName ?? ''}
            </>
          )}
        </li>
      ))}
    </ul>
  );
}

function SectionActs({
  section,
  onEdit,
  onAdd,
}: {
  section: Section;
  onEdit: () => void;
  onAdd: () => void;
}) {
  const change = useWrite('sectionChange');
  const { name, term, list, site, level } = section;
  const archive = (archived: boolean): void =>
    change.mutate({
      params: { id: section.id },
      body: { name, term, list, site: site.id, level: level ?? 'general', archived },
      version: section.version,
    });
  return (
    <>
      <span className="panel-acts">
        {section.archived ? (
          <Button size="small" loading={change.isPending} onClick={() => archive(false)}>
            Bring back class
          </Button>
        ) : (
          <>
            <Button size="small" onClick={onAdd}>
              Add students
            </Button>
            <Button size="small" onClick={onEdit}>
              Edit class
            </Button>
            <Popconfirm
              title={`Archive ${name}?`}
              description="Its quizzes, grades and mix-ups are kept. It is no longer offered anywhere, and you can bring it back."
              okText="Archive class"
              cancelText="Cancel"
              onConfirm={() => archive(true)}
            >
              <Button size="small">Archive class</Button>
            </Popconfirm>
          </>
        )}
      </span>
      <ProblemNote error={change.error} />
    </>
  );
}

function SectionPanel({ section }: { section: Section }) {
  const mayTeach = useMayTeach();
  const atHand = useClassAtHand().section?.id === section.id;
  const [open, setOpen] = useState<Student | null>(null);
  const [doing, setDoing] = useState<'edit' | 'add' | null>(null);
  return (
    <section className={`panel ${section.archived ? 'archived' : ''}`} aria-label={section.name}>
      <div className="panel-head">
        <h2>{section.name}</h2>
        {mayTeach ? (
          <SectionActs section={section} onEdit={() => setDoing('edit')} onAdd={() => setDoing('add')} />
        ) : null}
      </div>
      <p className="quiet">
        {section.archived ? 'Archived · ' : atHand ? 'The class in use · ' : ''}
        {section.term} · list <AppLink to={`/classes/lists/${section.list}`}>{section.listName}</AppLink> ·
        trees at {section.site.name} · {section.level ?? 'general'} wording ·{' '}
        {counted(section.students.length, 'student')}
      </p>
      <Roster section={section} onOpen={setOpen} />
      {open ? <StudentMenu student={open} section={section} onClose={() => setOpen(null)} /> : null}
      {doing === 'edit' ? <SectionEditor section={section} onClose={() => setDoing(null)} /> : null}
      {doing === 'add' ? <AddStudents section={section} onClose={() => setDoing(null)} /> : null}
    </section>
  );
}

function Lists() {
  const lists = useRead('lists');
  return (
    <section className="panel" aria-label="Lists">
      <h2>Lists</h2>
      <Loaded query={lists}>
        {(rows) =>
          rows.length === 0 ? (
            <p className="quiet">
              Paste the names your class learns, by week. A list works with nothing else recorded.
            </p>
          ) : (
            <ul className="side-list">
              {rows.map((l) => (
                <li key={l.id}>
                  <AppLink to={`/classes/lists/${l.id}`}>{l.name}</AppLink>{' '}
                  <span className="quiet number">{l.size} species</span>
                </li>
              ))}
            </ul>
          )
        }
      </Loaded>
    </section>
  );
}

/** Classes with their students, the lists they learn, and the sites of their trees. */
export function ClassesPage() {
  const sections = useRead('sections');
  const mayTeach = useMayTeach();
  const go = useGo();
  const atHand = useClassAtHand().section?.id;
  return (
    <>
      <PageHead
        title="Classes"
        name="Classes"
        about="Each class’s students and species list, and where its trees are."
        actions={
          mayTeach ? (
            <>
              <Button onClick={() => go('/classes/lists/new')}>Paste list</Button>
              <Button type="primary" onClick={() => go('/classes/sections/new')}>
                New class
              </Button>
            </>
          ) : null
        }
      />
      <div className="classes-layout">
        <div>
          <Loaded query={sections}>
            {(rows) =>
              rows.length === 0 ? (
                <Nothing title="No class yet">
                  Create a class with its student numbers. Quizzes are scheduled for a class.
                </Nothing>
              ) : (
                <>
                  {[...rows]
                    .sort((a, b) => Number(b.id === atHand) - Number(a.id === atHand))
                    .map((s) => (
                      <SectionPanel key={s.id} section={s} />
                    ))}
                </>
              )
            }
          </Loaded>
        </div>
        <div>
          <Lists />
          <SitesPanel />
        </div>
      </div>
    </>
  );
}
