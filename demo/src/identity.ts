import { v5 } from 'uuid';

const NAMESPACE = '6f1f2f8e-0c53-4a55-9a43-5d1a1f0c7b21';

/** The same thing has the same id every time the demo is built. */
export const idOf = (kind: string, key: string): string => v5(`${kind}/${key}`, NAMESPACE);

export const WS = idOf('workspace', 'quillan-creek');
