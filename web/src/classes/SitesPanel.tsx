import { useState } from 'react';
import Button from 'antd/es/button';
import Form from 'antd/es/form';
import Input from 'antd/es/input';
import Popconfirm from 'antd/es/popconfirm';
import { showLength } from '@hurrow/core/measuring';
import type { Site } from '@hurrow/contract';
import { useRead, useWrite } from '../api/index.ts';
import { useMayTeach, useView } from '../app/index.ts';
import { Dialog, IS_NUMBER, LongitudeDoubt, ProblemNote } from '../parts/index.ts';
import { siteBodyOf, siteEntered } from './siteForm.ts';
import type { SiteEntered } from './siteForm.ts';

function SiteEditor({ site, onClose }: { site: Site | null; onClose: () => void }) {
  const [form] = Form.useForm<SiteEntered>();
  const create = useWrite('siteCreate');
  const change = useWrite('siteChange');
  const lat = Form.useWatch('lat', form);
  const lon = Form.useWatch('lon', form);
  const need = (message: string) => [{ required: true, message }];
  const send = (e: SiteEntered): void => {
    const body = siteBodyOf(e, site, Intl.DateTimeFormat().resolvedOptions().timeZone);
    if (site) change.mutate({ params: { id: site.id }, body }, { onSuccess: onClose });
    else create.mutate({ body }, { onSuccess: onClose });
  };
  return (
    <Dialog
      open
      title={site ? `Edit site ${site.name}` : 'Add a site'}
      okText={site ? 'Save site' : 'Add site'}
      confirmLoading={create.isPending || change.isPending}
      onCancel={onClose}
      onOk={() => form.submit()}
    >
      <Form<SiteEntered>
        form={form}
        layout="vertical"
        requiredMark={false}
        initialValues={siteEntered(site)}
        onFinish={send}
      >
        <Form.Item label="Name" name="name" rules={need('Name the site.')}>
          <Input autoFocus maxLength={120} />
        </Form.Item>
        <div className="two-columns">
          <Form.Item label="Latitude" name="lat" rules={[...need('Enter the latitude.'), IS_NUMBER]}>
            <Input inputMode="decimal" />
          </Form.Item>
          <Form.Item
            label="Longitude"
            name="lon"
            extra="In North America it starts with a minus."
            rules={[...need('Enter the longitude.'), IS_NUMBER]}
          >
            <Input inputMode="decimal" />
          </Form.Item>
          <Form.Item label="Elevation, m" name="elevM" rules={[...need('Enter the elevation.'), IS_NUMBER]}>
            <Input inputMode="decimal" />
          </Form.Item>
        </div>
        <LongitudeDoubt lat={lat} lon={lon} onUse={(west) => form.setFieldsValue({ lon: west })} />
        {site ? <p className="quiet">Seasons at this site shift with the change.</p> : null}
        <ProblemNote error={create.error ?? change.error} />
      </Form>
    </Dialog>
  );
}

/** The sites of the workspace: added, corrected, and deleted where nothing is there. */
export function SitesPanel() {
  const sites = useRead('sites').data ?? [];
  const { wording } = useView();
  const mayTeach = useMayTeach();
  const [editing, setEditing] = useState<Site | 'new' | null>(null);
  const remove = useWrite('siteRemove');
  return (
    <section className="panel" aria-label="Sites">
      <h2>Sites</h2>
      <ul className="side-list">
        {sites.map((s) => (
          <li key={s.id}>
            <span>
              {s.name}{' '}
              <span className="quiet number">
                {s.lat.toFixed(2)}, {s.lon.toFixed(2)} · {showLength(s.elevM * 1000, wording.units)}
              </span>
            </span>
            {mayTeach ? (
              <span className="side-acts">
                <Button size="small" aria-label={`Edit site ${s.name}`} onClick={() => setEditing(s)}>
                  Edit
                </Button>
                <Popconfirm
                  title={`Delete site ${s.name}?`}
                  description="A site with trees, classes or sightings is kept."
                  okText="Delete site"
                  cancelText="Cancel"
                  onConfirm={() => remove.mutate({ params: { id: s.id } })}
                >
                  <Button size="small" aria-label={`Delete site ${s.name}`}>
                    Delete
                  </Button>
                </Popconfirm>
              </span>
            ) : null}
          </li>
        ))}
      </ul>
      <ProblemNote error={remove.error} />
      {mayTeach ? (
        <Button size="small" onClick={() => setEditing('new')}>
          Add site
        </Button>
      ) : null}
      {editing ? (
        <SiteEditor site={editing === 'new' ? null : editing} onClose={() => setEditing(null)} />
      ) : null}
    </section>
  );
}
