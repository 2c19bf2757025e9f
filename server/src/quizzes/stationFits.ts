import type { AskBody, StationBody } from '@hurrow/contract';
import type { Character } from '@hurrow/core/characters';
import { materialWords } from '@hurrow/core/conditions';
import type { Material } from '@hurrow/core/conditions';
import { questionFault } from '@hurrow/core/quizzes';
import type { QuizPlan } from '@hurrow/core/quizzes';
import { maybe } from '../db/index.ts';
import type { Sql } from '../db/index.ts';
import { conflict, invalid } from '../http/index.ts';
import { readVocabulary } from '../library/index.ts';

const NOT_NAMES: readonly string[] = ['call', 'sureness', 'choice', 'match', 'point', 'text'];

/** @throws where a character question cannot be asked: it is unknown, or nothing at hand can show it. */
function mustShow(
  asks: readonly AskBody[],
  material: readonly Material[],
  known: ReadonlyMap<string, Character>,
): void {
  asks.forEach((a, i) => {
    if (a.kind !== 'call') return;
    const c = known.get(a.character ?? '');
    if (!c) {
      throw invalid(`The vocabulary has no character “${a.character ?? ''}”.`, {
        field: `asks.${i}.character`,
        remedy: 'Choose a character of the vocabulary.',
      });
    }
    if (c.material.some((m) => material.includes(m))) return;
    const needs = c.material.slice(0, 2).map(materialWords).join(' or ');
    throw invalid(`What is at this station cannot show ${c.term}.`, {
      field: `asks.${i}.character`,
      remedy: needs === '' ? 'Ask something else.' : `Add ${needs}, or ask something else.`,
    });
  });
}

function mustBeWhole(asks: readonly AskBody[]): void {
  asks.forEach((a, i) => {
    if (a.kind !== 'choice' && a.kind !== 'match' && a.kind !== 'point' && a.kind !== 'text') return;
    const found = questionFault(a.kind, a.params);
    if (found) throw invalid(found.message, { field: `asks.${i}.params`, remedy: found.remedy });
  });
}

/** Each name and character once, character questions before the name, and no more of them than the quiz allows. */
function mustBeOrdered(asks: readonly AskBody[], plan: QuizPlan): void {
  const keys = asks.map(
    (a) => `${a.kind}/${a.character ?? ''}/${a.params ? `${a.params.question}/${a.params.prompt}` : ''}`,
  );
  const twice = keys.findIndex((k, i) => keys.indexOf(k) < i);
  if (twice >= 0) {
    throw conflict('A station asks the same thing twice.', {
      field: `asks.${twice}`,
      remedy: 'Ask each name and each character once.',
    });
  }
  const firstName = asks.findIndex((a) => !NOT_NAMES.includes(a.kind));
  const lateCall = asks.findIndex((a, i) => a.kind === 'call' && firstName >= 0 && i > firstName);
  if (lateCall >= 0) {
    throw invalid('A character question comes after the name.', {
      field: `asks.${lateCall}`,
      remedy: 'Ask it before the name, so that the name does not decide it.',
    });
  }
  const calls = asks.filter((a) => a.kind === 'call').length;
  if (calls > plan.mostCalls) {
    throw invalid(`A station of this quiz asks at most ${plan.mostCalls} character questions.`, {
      field: 'asks',
      remedy: 'Leave some out, or change the plan of the quiz.',
    });
  }
}

/** @throws where a station cannot be: no such tree, or it asks what cannot be asked there. */
export async function checkStation(
  tx: Sql,
  ws: string,
  body: StationBody,
  material: readonly Material[],
  plan: QuizPlan,
): Promise<void> {
  const tree = await maybe(tx, 'select 1 from tree where ws = $1 and individual = $2', [ws, body.individual]);
  if (!tree)
    throw invalid('This tree was deleted.', { field: 'individual', remedy: 'Choose a tagged tree.' });
  const { accepts = [], asks } = body;
  const known = await tx.query<{ id: string }>(
    'select id from taxon where ws = $1 and id = any($2::uuid[])',
    [ws, accepts],
  );
  if (known.length < accepts.length)
    throw invalid('A species that is accepted was deleted.', {
      field: 'accepts',
      remedy: 'Choose it again.',
    });
  mustShow(asks, material, new Map((await readVocabulary(tx, ws)).map((c) => [c.id, c])));
  mustBeWhole(asks);
  mustBeOrdered(asks, plan);
}
