import Button from 'antd/es/button';
import Popconfirm from 'antd/es/popconfirm';
import type { Device, DeviceDecision, SittingDetail } from '@hurrow/contract';
import { useRead, useWrite } from '../api/index.ts';
import { ProblemNote, pressState } from '../parts/index.ts';
import { devicesToShow } from './devices.ts';

const TIME = new Intl.DateTimeFormat('en-US', { hour: 'numeric', minute: '2-digit' });
const time = (iso: string): string => TIME.format(new Date(iso));

type Decision = DeviceDecision['decision'];

/** One phone: who it says it is, what it sent, and what staff may do about it. */
function DeviceRow({ device, others }: { device: Device; others: number }) {
  const decide = useWrite('deviceDecide');
  const reset = useWrite('wordReset');
  const act = (decision: Decision): void => decide.mutate({ params: { id: device.id }, body: { decision } });
  const doing = decide.isPending ? decide.variables.body.decision : reset.isPending ? 'reset' : null;
  const press = (own: Decision | 'reset') => pressState(doing, own);
  const who = `number ${device.code}`;
  return (
    <tr>
      <td className="number">{device.code}</td>
      <td>{device.firstName ?? ''}</td>
      <td>
        {device.state === 'asked'
          ? `asked to join at ${time(device.askedAt)}`
          : `joined at ${time(device.askedAt)}${device.decidedBy === null ? '' : `, let in by ${device.decidedBy}`}${others > 0 ? `, one of ${others + 1} phones` : ''}`}
      </td>
      <td className="number">
        {device.answers} {device.answers === 1 ? 'answer' : 'answers'}
        {device.lastAnswerAt === null ? '' : `, last at ${time(device.lastAnswerAt)}`}
      </td>
      <td>
        <div className="row-acts">
          {device.state === 'asked' ? (
            <>
              <Button
                size="small"
                type="primary"
                {...press('let-in')}
                onClick={() => act('let-in')}
                aria-label={`Let in ${who}`}
              >
                Let in
              </Button>
              <Button
                size="small"
                {...press('refuse')}
                onClick={() => act('refuse')}
                aria-label={`Refuse ${who}`}
              >
                Refuse
              </Button>
            </>
          ) : (
            <>
              <Popconfirm
                title={`End this phone of ${who}?`}
                description="It can send nothing more. What it sent stays."
                okText="End phone"
                cancelText="Keep it"
                onConfirm={() => act('end')}
              >
                <Button size="small" {...press('end')} aria-label={`End phone of ${who}`}>
                  End phone
                </Button>
              </Popconfirm>
            </>
          )}
          <Popconfirm
            title={`Reset the private word of ${who}?`}
            description="The next phone that joins under this number chooses a new word."
            okText="Reset word"
            cancelText="Keep it"
            onConfirm={() => reset.mutate({ params: { id: device.student } })}
          >
            <Button size="small" {...press('reset')} aria-label={`Reset word of ${who}`}>
              Reset word
            </Button>
          </Popconfirm>
        </div>
        <ProblemNote error={decide.error ?? reset.error} />
      </td>
    </tr>
  );
}

/** Phones that need a look: those that ask to join, and students with more than one. */
export function DevicesPanel({ sitting }: { sitting: SittingDetail }) {
  const devices = useRead('devices', { id: sitting.id });
  if (!devices.data) return null;
  const { shown, joined } = devicesToShow(devices.data);
  const { resets } = devices.data;
  return (
    <section className="panel" aria-label="Phones">
      <h2>Phones</h2>
      <p className="quiet">
        {joined === 0
          ? 'No phone has joined yet.'
          : `${joined} ${joined === 1 ? 'phone has' : 'phones have'} joined.`}{' '}
        {shown.length === 0
          ? 'A phone that asks to join, and a student with two phones, are shown here.'
          : 'Let a phone in only if you know whose it is. The answers of the newest phone count.'}
      </p>
      {shown.length === 0 ? null : (
        <table className="plain-table tight">
          <thead>
            <tr>
              <th scope="col">No.</th>
              <th scope="col">Name</th>
              <th scope="col">Phone</th>
              <th scope="col">Answers</th>
              <th scope="col">
                <span className="visually-hidden">Actions</span>
              </th>
            </tr>
          </thead>
          <tbody>
            {shown.map(({ device, others }) => (
              <DeviceRow key={device.id} device={device} others={others} />
            ))}
          </tbody>
        </table>
      )}
      {resets.map((r) => (
        <p key={r.student} className="quiet">
          {r.by} reset the private word of number{' '}
          {sitting.people.find((p) => p.student === r.student)?.code ?? ''} at {time(r.at)}. The next phone
          that joins chooses a new one.
        </p>
      ))}
    </section>
  );
}
