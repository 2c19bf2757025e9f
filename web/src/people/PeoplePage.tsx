import { useState } from 'react';
import Button from 'antd/es/button';
import Popconfirm from 'antd/es/popconfirm';
import type { InvitationMade, People, PersonOnStaff, Section } from '@hurrow/contract';
import { useRead, useWrite } from '../api/index.ts';
import { useSession } from '../app/index.ts';
import { DataTable, Loaded, Nothing, PageHead, ProblemNote } from '../parts/index.ts';
import { InviteForm } from './InviteForm.tsx';
import { LinkMade } from './LinkMade.tsx';
import { PersonEditor } from './PersonEditor.tsx';
import { invitationWords, isLastOwner, sectionWords, untilWords } from './words.ts';
import { WorkspaceName } from './WorkspaceName.tsx';
import './people.css';

interface Made {
  readonly made: InvitationMade;
  readonly who: string;
}

function Open({ people }: { people: People }) {
  const withdraw = useWrite('invitationWithdraw');
  if (people.invitations.length === 0) return null;
  return (
    <section className="panel" aria-label="Open links">
      <h2>Links that were not used yet</h2>
      <ul className="plain-list people-list">
        {people.invitations.map((i) => (
          <li key={i.id}>
            <span>
              {invitationWords(i)} <span className="quiet">{untilWords(i.expires)}</span>
            </span>
            <Button
              size="small"
              aria-label={`Take back the link of ${i.name}`}
              loading={withdraw.isPending}
              onClick={() => withdraw.mutate({ params: { id: i.id } })}
            >
              Take back
            </Button>
          </li>
        ))}
      </ul>
      <ProblemNote error={withdraw.error} />
    </section>
  );
}

function Staff({
  people,
  sections,
  onMade,
}: {
  people: People;
  sections: readonly Section[];
  onMade: (made: Made) => void;
}) {
  const [editing, setEditing] = useState<PersonOnStaff | null>(null);
  const reset = useWrite('passphraseReset');
  return (
    <>
      <DataTable<PersonOnStaff>
        label="Staff"
        file="staff"
        rows={people.staff}
        rowKey={(p) => p.id}
        empty={null}
        plain={(p) => ({
          name: p.name,
          role: p.role,
          sections: sectionWords(p, sections),
          active: p.active ? 'yes' : 'no',
        })}
        columns={[
          {
            title: 'Name',
            sorter: (a, b) => a.name.localeCompare(b.name, 'en'),
            render: (_, p) => (
              <>
                {p.name} {p.active ? null : <span className="tag">off the staff</span>}
              </>
            ),
          },
          { title: 'Role', dataIndex: 'role', sorter: (a, b) => a.role.localeCompare(b.role, 'en') },
          { title: 'Classes', render: (_, p) => sectionWords(p, sections) },
          {
            title: 'Signed in',
            className: 'number',
            render: (_, p) =>
              p.signedIn === 0 ? '' : p.signedIn === 1 ? '1 browser' : `${p.signedIn} browsers`,
          },
          {
            title: '',
            render: (_, p) => (
              <div className="people-acts">
                <Button size="small" aria-label={`Change ${p.name}`} onClick={() => setEditing(p)}>
                  Change
                </Button>
                {p.active ? (
                  <Popconfirm
                    title={`Make a link for ${p.name}?`}
                    description="They choose a new passphrase by it, and are signed out everywhere now."
                    okText="Make link"
                    cancelText="Cancel"
                    onConfirm={() =>
                      reset.mutate(
                        { params: { id: p.id } },
                        { onSuccess: (made) => onMade({ made, who: p.name }) },
                      )
                    }
                  >
                    <Button size="small" aria-label={`Reset passphrase of ${p.name}`}>
                      Reset passphrase
                    </Button>
                  </Popconfirm>
                ) : null}
              </div>
            ),
          },
        ]}
      />
      <ProblemNote error={reset.error} />
      {editing ? (
        <PersonEditor
          person={editing}
          sections={sections}
          isLastOwner={isLastOwner(editing, people.staff)}
          onClose={() => setEditing(null)}
        />
      ) : null}
    </>
  );
}

/** Who is on the staff, what they may do, and who is invited. */
export function PeoplePage() {
  const { role } = useSession();
  const people = useRead('people', {}, role === 'owner');
  const sections = useRead('sections');
  const [link, setLink] = useState<Made | null>(null);
  if (role !== 'owner')
    return (
      <>
        <PageHead title="People" name="People" />
        <Nothing title="For owners">Only an owner invites people and changes what they may do.</Nothing>
      </>
    );
  return (
    <>
      <PageHead
        title="People"
        name="People"
        about="Everybody signs in under their own name, with a passphrase that only they know."
      />
      <div className="people-page">
        {link ? <LinkMade made={link.made} who={link.who} onClose={() => setLink(null)} /> : null}
        <Loaded query={people}>
          {(p) => (
            <div className="people-page">
              <Staff people={p} sections={sections.data ?? []} onMade={setLink} />
              <WorkspaceName />
              <Open people={p} />
              <InviteForm sections={sections.data ?? []} onMade={(made, who) => setLink({ made, who })} />
            </div>
          )}
        </Loaded>
      </div>
    </>
  );
}
