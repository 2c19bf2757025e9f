import { useState } from 'react';
import { NavLink, Outlet, useLocation, useSearchParams } from 'react-router';
import Button from 'antd/es/button';
import Modal from 'antd/es/modal';
import { useQueryClient } from '@tanstack/react-query';
import { request } from '../api/index.ts';
import { BenchTray } from './BenchTray.tsx';
import { ClassPicker } from './ClassPicker.tsx';
import { ConditionsBar } from './ConditionsBar.tsx';
import { WordingSwitch } from './WordingSwitch.tsx';
import { obeysConditions } from './barPages.ts';
import { ShortcutHelp } from './ShortcutHelp.tsx';
import { useSession } from './session.ts';
import { useShortcuts } from './shortcuts.ts';
import { withView } from './carry.ts';
import { useGo } from './view.ts';

const PLACES = [
  { to: '/', label: 'Due', keys: 'g d' },
  { to: '/classes', label: 'Classes', keys: 'g c' },
  { to: '/species', label: 'Species', keys: 'g s' },
  { to: '/compare', label: 'Compare', keys: 'g o' },
  { to: '/quizzes', label: 'Quizzes', keys: 'g q' },
  { to: '/material', label: 'Material', keys: 'g m' },
  { to: '/mix-ups', label: 'Mix-ups', keys: 'g x' },
  { to: '/reteach', label: 'Reteach', keys: 'g r' },
  { to: '/files', label: 'Files', keys: 'g f' },
] as const;

/** The frame of every screen: the class at hand and the places on the left, conditions on top where a page obeys them. */
export function Shell() {
  const session = useSession();
  const [search] = useSearchParams();
  const { pathname } = useLocation();
  const go = useGo();
  const client = useQueryClient();
  const [help, setHelp] = useState(false);
  useShortcuts([
    { keys: '?', does: 'Show these shortcuts', run: () => setHelp(true) },
    ...PLACES.map((p) => ({ keys: p.keys, does: `Go to ${p.label}`, run: () => go(p.to) })),
  ]);
  const signOut = async (): Promise<void> => {
    await request('sessionEnd');
    client.clear();
    window.location.assign('/');
  };
  return (
    <div className="shell">
      <a className="skip" href="#content">
        Skip to the content
      </a>
      <nav className="places" aria-label="Places">
        <div className="wordmark">Hurrow</div>
        <ClassPicker />
        {PLACES.map((p) => (
          <NavLink key={p.to} to={withView(p.to, search)} end={p.to === '/'} className="place">
            {p.label}
          </NavLink>
        ))}
        <span className="spring" />
        <WordingSwitch />
        <BenchTray />
        <div className="who">
          <NavLink to={withView('/account', search)} className="who-name">
            {session.name}
          </NavLink>
          <div className="quiet">{session.role}</div>
          <Button size="small" onClick={() => void signOut()}>
            Sign out
          </Button>
          <Button size="small" type="text" onClick={() => setHelp(true)}>
            ? keys
          </Button>
        </div>
      </nav>
      <div className="beside">
        {obeysConditions(pathname) ? <ConditionsBar /> : <span />}
        <main id="content" tabIndex={-1} key={pathname}>
          <Outlet />
        </main>
      </div>
      <Modal open={help} onCancel={() => setHelp(false)} footer={null} title="Keyboard">
        {help ? <ShortcutHelp /> : null}
      </Modal>
    </div>
  );
}
