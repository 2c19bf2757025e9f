import { idParam } from '../http/index.ts';
import type { Handlers } from '../http/index.ts';
import { needSitting } from '../sittings/index.ts';
import { readSoundness } from './soundness.ts';
import { decideTag, previewTag } from './tag.ts';

export const soundnessHandlers = {
  soundness: async (call) => {
    const sitting = await needSitting(call.app.db, call.who, idParam(call, 'id'));
    return { body: await readSoundness(call.app.db, call.who, sitting, call.query['with'] === 'classes') };
  },
  tagPreview: previewTag,
  tagDecide: decideTag,
} satisfies Partial<Handlers>;
