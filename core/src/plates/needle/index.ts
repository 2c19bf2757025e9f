export { NEEDLE_DETAIL_SCALE, needleDetail } from './detail.ts';
import type { Chance } from '../random.ts';
import type { Traits } from '../traits.ts';
import type { Figure } from '../types.ts';
import { bundle, singles, tufts } from './shoot.ts';
import { spray, awls } from './spray.ts';

/** Drawn where no length is recorded, mm. */
const USUAL: Readonly<Record<string, number>> = { 'in-bundles': 70, 'clustered-on-spurs': 32 };
const USUAL_SINGLE = 22;
/** The foliage of a conifer in true size. */
export function needleFigure(t: Traits, c: Chance): Figure {
  const kind = t.state('leaf.kind');
  if (kind === 'scale') return spray(t, c);
  if (kind === 'awl') return awls(t, c);
  const attachment = t.state('needle.attachment') ?? (t.has('needle.bundle_count') ? 'in-bundles' : 'stalk');
  const length = t.number('needle.length') ?? USUAL[attachment] ?? USUAL_SINGLE;
  if (attachment === 'in-bundles')
    return bundle(t, length, Math.max(1, Math.min(8, t.number('needle.bundle_count') ?? 2)), c);
  return attachment === 'clustered-on-spurs' ? tufts(t, length, c) : singles(t, length, c);
}
