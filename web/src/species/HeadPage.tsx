import { useParams } from 'react-router';
import Alert from 'antd/es/alert';
import Button from 'antd/es/button';
import Input from 'antd/es/input';
import Segmented from 'antd/es/segmented';
import Select from 'antd/es/select';
import type { SpeciesProfile } from '@hurrow/contract';
import { parseLength, championPoints } from '@hurrow/core/measuring';
import { useQueryClient } from '@tanstack/react-query';
import { problemOf, useRead, useWrite } from '../api/index.ts';
import { useGo, useView, useVocabulary } from '../app/index.ts';
import { Latin, Loaded, PageHead, ProblemNote } from '../parts/index.ts';
import { CautionRows, ProseRows, RootRows } from './HeadRows.tsx';
import { EndSpecies } from './EndSpecies.tsx';
import { SpeciesNav } from './SpeciesNav.tsx';
import { formOf, readForm } from './headForm.ts';
import type { HeadForm } from './headForm.ts';
import { useKept } from './useKept.ts';
import './profile.css';
import './write.css';

const STALE = 412;

/** The points of a record tree as it is typed. */
function pointsOf(record: HeadForm['record']): string {
  const [girth, height, spread] = [record.girth, record.height, record.spread].map((t) => parseLength(t));
  return girth && height && spread ? `${championPoints({ girth, height, spread })} points` : '';
}

function Head({ profile }: { profile: SpeciesProfile }) {
  const { id, scientific } = profile.header;
  const { wording } = useView();
  const go = useGo();
  const client = useQueryClient();
  const vocabulary = useVocabulary();
  const taxa = useRead('taxa').data ?? [];
  const kept = useKept<HeadForm>(`hurrow/head/${id}`, () => formOf(profile, wording.units));
  const form = kept.value;
  const set = (part: Partial<HeadForm>): void => kept.set({ ...form, ...part });
  const change = useWrite('speciesChange');
  const read = readForm(form);
  const problem = change.error ? problemOf(change.error) : null;
  const save = (): void => {
    if (!read.ok) return;
    // Reading the species again replaces this form, so what follows must not hang on it.
    change.mutateAsync({ params: { id }, body: read.body, version: profile.version }).then(
      () => {
        kept.forget();
        go(`/species/${id}`);
      },
      () => undefined,
    );
  };
  const area = (key: 'common' | 'synonyms' | 'olderFamilies', label: string, hint: string) => (
    <div className="field grow">
      <label htmlFor={`head-${key}`}>{label}</label>
      <Input.TextArea
        id={`head-${key}`}
        autoSize={{ minRows: 3 }}
        spellCheck={false}
        placeholder={hint}
        value={form[key]}
        onChange={(e) => set({ [key]: e.target.value })}
      />
    </div>
  );
  const field = (key: 'scientific' | 'authority' | 'pronunciation', label: string) => (
    <div className="field grow">
      <label htmlFor={`head-${key}`}>{label}</label>
      <Input
        id={`head-${key}`}
        spellCheck={false}
        status={problem?.field === key ? 'error' : ''}
        value={form[key]}
        onChange={(e) => set({ [key]: e.target.value })}
      />
    </div>
  );
  return (
    <>
      <SpeciesNav />
      <PageHead
        name={`Names and notes of ${scientific}`}
        title={
          <>
            Names and notes of <Latin name={scientific} />
          </>
        }
        about="Kept on this device while you write; saved for all when you say so."
        actions={
          <>
            <Button
              onClick={() => {
                kept.forget();
                go(`/species/${id}`);
              }}
            >
              Leave as it was
            </Button>
            <Button type="primary" disabled={!read.ok} loading={change.isPending} onClick={save}>
              Save
            </Button>
          </>
        }
      />
      {kept.restored ? (
        <p className="caution" role="status">
          What you wrote earlier and did not save is here again.
        </p>
      ) : null}
      {problem?.status === STALE ? (
        <Alert
          type="warning"
          showIcon
          role="alert"
          title="Somebody saved this species in the meantime"
          description={
            <>
              Your text stays here. Read theirs, then save yours over it.{' '}
              <Button size="small" onClick={() => void client.invalidateQueries({ queryKey: ['profile'] })}>
                Take up theirs
              </Button>
            </>
          }
        />
      ) : (
        <ProblemNote error={change.error} />
      )}
      {read.ok ? null : (
        <p role="alert" className="wrong-words">
          {read.message}
        </p>
      )}
      <section className="panel stack" aria-label="Names">
        <h2>Names</h2>
        <div className="field-row">
          {field('scientific', 'Accepted name')}
          {field('authority', 'Authority')}
          {field('pronunciation', 'Said')}
        </div>
        <div className="field-row">
          {area(
            'common',
            'Common names, one a line, the preferred first',
            'red alder\nOregon alder [OR-i-gun]',
          )}
          {area('synonyms', 'Synonyms, one a line', '')}
          {area('olderFamilies', 'Older families, one a line', '')}
        </div>
        <div className="field">
          <label htmlFor="head-parents">
            Belongs to, nearest first: named groups, section, genus, family
          </label>
          <Select
            id="head-parents"
            mode="multiple"
            showSearch={{ optionFilterProp: 'label' }}
            value={[...form.parents]}
            options={taxa
              .filter((t) => t.id !== id && t.rank !== 'cultivar')
              .map((t) => ({ value: t.id, label: `${t.scientific} (${t.rank})` }))}
            onChange={(parents) => set({ parents })}
          />
        </div>
        <div className="field-row">
          <span className="quiet">State of the profile</span>
          <Segmented
            value={form.status}
            options={['draft', 'checked']}
            onChange={(v) => set({ status: v as HeadForm['status'] })}
          />
        </div>
      </section>
      <section className="panel stack" aria-label="Roots">
        <h2>Name roots</h2>
        {vocabulary ? (
          <RootRows
            roots={form.roots}
            names={[form.scientific, ...form.synonyms.split('\n').filter((t) => t.trim() !== '')]}
            vocabulary={vocabulary}
            onChange={(roots) => set({ roots })}
          />
        ) : null}
      </section>
      <section className="panel stack" aria-label="Cautions">
        <h2>Cautions</h2>
        <CautionRows cautions={form.cautions} onChange={(cautions) => set({ cautions })} />
      </section>
      <section className="panel stack" aria-label="Notes">
        <h2>Notes</h2>
        <ProseRows prose={form.prose} onChange={(prose) => set({ prose })} />
      </section>
      <section className="panel stack" aria-label="Record tree">
        <h2>Record tree</h2>
        <div className="field-row">
          {(
            [
              ['girth', 'Girth at 4.5 ft'],
              ['height', 'Height'],
              ['spread', 'Mean spread'],
              ['place', 'Where'],
              ['year', 'Year'],
            ] as const
          ).map(([key, label]) => (
            <label className="field" key={key}>
              <span>{label}</span>
              <Input
                value={form.record[key]}
                onChange={(e) => set({ record: { ...form.record, [key]: e.target.value } })}
              />
            </label>
          ))}
          <b className="number">{pointsOf(form.record)}</b>
        </div>
      </section>
      <EndSpecies profile={profile} />
    </>
  );
}

/** Names, place, roots, cautions, notes and record tree of a taxon. */
export function HeadPage() {
  const { id = '' } = useParams();
  const profile = useRead('profile', { id });
  return <Loaded query={profile}>{(p) => <Head key={`${p.header.id}/${p.version}`} profile={p} />}</Loaded>;
}
