import './classes.css';
import { useState } from 'react';
import Button from 'antd/es/button';
import { showLength } from '@hurrow/core/measuring';
import type { Section } from '@hurrow/contract';
import { useRead } from '../api/index.ts';
import { useGo, useMayTeach, useView } from '../app/index.ts';
import { AppLink, Loaded, Nothing, PageHead } from '../parts/index.ts';
import { StudentMenu } from './StudentMenu.tsx';

function SectionPanel({ section }: { section: Section }) {
  const { wording } = useView();
  const mayTeach = useMayTeach();
  const [open, setOpen] = useState<Section['students'][number] | null>(null);
  return (
    <section className="panel" aria-label={section.name}>
      <h2>{section.name}</h2>
      <p className="quiet">
        {section.term} · list <AppLink to={`/classes/lists/${section.list}`}>{section.listName}</AppLink> ·
        trees at {section.site.name}, {showLength(section.site.elevM * 1000, wording.units)} ·{' '}
        {section.level ? `${section.level} wording · ` : ''}
        {section.students.length} students
      </p>
      <ul className="roster">
        {section.students.map((s) => (
          <li key={s.id}>
            {mayTeach ? (
              <button type="button" className="as-link number" onClick={() => setOpen(s)}>
                {s.code}
                {s.firstName ? ` ${s.firstName}` : ''}
              </button>
            ) : (
              <>
                <span className="number">{s.code}</span> {s.firstName ?? ''}
              </>
            )}
          </li>
        ))}
      </ul>
      {open ? <StudentMenu student={open} onClose={() => setOpen(null)} /> : null}
    </section>
  );
}

/** Lists and sections. */
export function ClassesPage() {
  const lists = useRead('lists');
  const sections = useRead('sections');
  const mayTeach = useMayTeach();
  const go = useGo();
  return (
    <>
      <PageHead
        title="Classes"
        name="Classes"
        about="Each class’s species list and students."
        actions={
          mayTeach ? (
            <>
              <Button onClick={() => go('/classes/sections/new')}>New section</Button>
              <Button type="primary" onClick={() => go('/classes/lists/new')}>
                Paste a list
              </Button>
            </>
          ) : null
        }
      />
      <Loaded query={lists}>
        {(rows) =>
          rows.length === 0 ? (
            <Nothing title="No list yet">
              Paste the names your class is answerable for, by week. It works with nothing else recorded.
            </Nothing>
          ) : (
            <section className="panel" aria-label="Lists">
              <h2>Lists</h2>
              <ul className="plain-list">
                {rows.map((l) => (
                  <li key={l.id}>
                    <AppLink to={`/classes/lists/${l.id}`}>{l.name}</AppLink>{' '}
                    <span className="quiet number">{l.size} species</span>
                  </li>
                ))}
              </ul>
            </section>
          )
        }
      </Loaded>
      <Loaded query={sections}>
        {(rows) => (
          <>
            {rows.map((s) => (
              <SectionPanel key={s.id} section={s} />
            ))}
          </>
        )}
      </Loaded>
    </>
  );
}
