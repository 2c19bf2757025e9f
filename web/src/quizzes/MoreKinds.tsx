import { useState } from 'react';
import Button from 'antd/es/button';
import Select from 'antd/es/select';
import type { AskBody, QuizDetail, TreeRow } from '@hurrow/contract';
import { makeQuestion } from '@hurrow/core/asking';
import { seeded } from '@hurrow/core/numbers';
import { ANSWERED_BY, QUESTION_KINDS } from '@hurrow/core/quizzes';
import type { QuestionKind } from '@hurrow/core/quizzes';
import { QUESTION_WORDS } from './words.ts';
import { useAskGround } from './useAskGround.ts';

const HELP: Readonly<Record<QuestionKind, string>> = {
  which_of_two: 'Choose between it and a look-alike, and say which character told.',
  next_look: 'Three species are left: choose the character to look at next.',
  odd_one_out: 'Three species share a character, one does not.',
  match_parts: 'Match names with drawn leaves, twigs, bark or fruit.',
  january: 'Choose what can be seen on this tree in January.',
  grows_here: 'Choose the species recorded at the elevation of the site.',
  find_bud: 'Tap the bud on a drawing.',
  rule_breaker: 'Choose the species that breaks a rule of thumb.',
  spelling: 'Spell a scientific name; every letter counts.',
  term_drawing: 'Match terms with their drawings.',
};

/** Makes other kinds of question for a tree from what is recorded; each can be made again with other options. */
export function MoreKinds({
  quiz,
  tree,
  onAdd,
}: {
  quiz: QuizDetail;
  tree: TreeRow;
  onAdd: (ask: AskBody) => void;
}) {
  const groundOf = useAskGround(quiz);
  const [why, setWhy] = useState<string | null>(null);
  const [seed, setSeed] = useState(1);
  const [kind, setKind] = useState<QuestionKind | null>(null);
  const make = (): void => {
    if (!kind || !groundOf) return;
    const made = makeQuestion(kind, { ...groundOf(tree), next: seeded(seed) });
    setSeed(seed + 1);
    if ('why' in made) setWhy(made.why);
    else {
      setWhy(null);
      onAdd({ kind: ANSWERED_BY[kind], character: null, points: 1, params: made.params });
    }
  };
  return (
    <div className="more-kinds">
      <div className="field-row">
        <Select<QuestionKind>
          className="pick"
          aria-label="More kinds of question"
          placeholder="More kinds of question"
          value={kind}
          options={QUESTION_KINDS.map((k) => ({ value: k, label: QUESTION_WORDS[k] }))}
          onChange={(k) => {
            setKind(k);
            setWhy(null);
          }}
        />
        <Button disabled={kind === null || groundOf === null} onClick={make}>
          Make question
        </Button>
      </div>
      {kind ? <p className="quiet">{HELP[kind]}</p> : null}
      {why ? (
        <p className="note care" role="status">
          {why}
        </p>
      ) : null}
    </div>
  );
}
