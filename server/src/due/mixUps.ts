import type { DueItem, TaxonHeader } from '@hurrow/contract';
import { nextMonday, showDate } from '@hurrow/core/conditions';
import { SEES_SECTION } from '../access/index.ts';
import type { Account, Call } from '../http/index.ts';
import { readHeaders } from '../library/index.ts';

interface Pair {
  readonly section: string;
  readonly section_name: string;
  readonly truth: string;
  readonly answer: string;
  readonly students: number;
  readonly state: string | null;
}

const CAME_BACK: Readonly<Record<string, string>> = {
  repeat: 'It came back after results were returned.',
  stubborn: 'It is still there after reteaching.',
};
/** So many mix-ups of a class are named that did not come back. */
const MOST_NEW = 3;

const name = (t: TaxonHeader): string => t.common ?? t.scientific;

/** Mix-ups of at least two students in the classes an account sees, most students first, with how each stands now. */
const readPairs = (call: Call<Account>): Promise<readonly Pair[]> =>
  call.app.db.query<Pair>(
    `select made.*, p.state from (
       select c.section, s.name as section_name, c.truth, c.answer, count(distinct c.student)::integer as students
       from cell_student c join section s on s.ws = c.ws and s.id = c.section
       where c.ws = $1 and c.named = 'other' and ${SEES_SECTION('c.section')} group by c.section, s.name, c.truth, c.answer) made
     left join pair_state p on p.ws = $1 and p.section = made.section and p.a = made.truth and p.b = made.answer and p.to_seq is null
     where made.students >= 2 and p.state is distinct from 'fixed'
     order by made.students desc, made.section_name, made.truth, made.answer`,
    [call.who.ws, call.who.id],
  );

/** The mix-ups of the classes an account sees: the lesson to plan for Monday, what came back, then what most students made. */
export async function dueMixUps(call: Call<Account>, today: string): Promise<readonly DueItem[]> {
  const pairs = await readPairs(call);
  const headers = await readHeaders(
    call.app.db,
    call.who.ws,
    pairs.flatMap((p) => [p.truth, p.answer]),
  );
  const item = (p: Pair): DueItem | null => {
    const [truth, answer] = [headers.get(p.truth), headers.get(p.answer)];
    if (!truth || !answer) return null;
    const back = CAME_BACK[p.state ?? ''];
    return {
      kind: back ? 'came_back' : 'mixup',
      title: `${name(answer)} named for ${name(truth)}`,
      detail: `${p.section_name}: ${p.students} students.${back ? ` ${back}` : ''}`,
      href: `/mix-ups?section=${p.section}&pair=${p.truth}.${p.answer}`,
      on: null,
      pair: { answer, truth },
    };
  };
  const monday = nextMonday(today);
  const lesson = (section: string): DueItem | null => {
    const own = pairs.filter((p) => p.section === section);
    const first = own.find((p) => CAME_BACK[p.state ?? '']) ?? own.find((p) => p.state === 'new');
    const [truth, answer] = [headers.get(first?.truth ?? ''), headers.get(first?.answer ?? '')];
    if (!first || !truth || !answer) return null;
    return {
      kind: 'lesson',
      title: `Plan the lesson for ${showDate(monday, today)}: ${first.section_name}`,
      detail: `Start with ${name(answer)} named for ${name(truth)}: ${first.students} students.`,
      href: `/reteach?section=${section}&pin=${[first.truth, first.answer].sort().join('/')}`,
      on: monday,
    };
  };
  const ofSections = [...new Set(pairs.map((p) => p.section))];
  const back = pairs.filter((p) => CAME_BACK[p.state ?? '']);
  const rest = ofSections.flatMap((s) =>
    pairs.filter((p) => p.section === s && !CAME_BACK[p.state ?? '']).slice(0, MOST_NEW),
  );
  return [
    ...ofSections.map(lesson),
    ...back.map(item),
    ...rest.sort((a, b) => b.students - a.students).map(item),
  ].flatMap((i) => i ?? []);
}
