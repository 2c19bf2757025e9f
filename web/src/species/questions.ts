import type { Glossary, SpeciesProfile } from '@hurrow/contract';
import { questionsAbout } from '@hurrow/core/questions';
import type { Question } from '@hurrow/core/questions';
import type { Vocabulary } from '@hurrow/core/characters';
import type { ListView } from './lookalikes.ts';
import type { ReadProfile } from './useProfile.ts';

const SAYINGS = ['mnemonic', 'how_to_tell'];

/** What a botanist would ask about a profile, without what somebody has answered. */
export function openQuestions(
  profile: SpeciesProfile,
  read: ReadProfile,
  vocabulary: Vocabulary,
  words: Glossary['words'],
  list: ListView | null,
): readonly Question[] {
  const asked = questionsAbout(
    {
      id: profile.header.id,
      scientific: profile.header.scientific,
      profile: read.described.profile,
      windows: read.described.windows,
      sayings: [
        ...profile.prose.filter((p) => SAYINGS.includes(p.topic)).map((p) => p.text),
        ...profile.pairs.flatMap((p) => p.mnemonic ?? []),
      ],
      roots: profile.roots,
      lookalikes: profile.pairs.map((p) => ({
        name: p.other.scientific,
        separator: p.character ?? p.text,
      })),
    },
    {
      vocabulary,
      words,
      congeners: read.congeners,
      listed: (list?.members ?? []).flatMap((m) => {
        const described = list?.described.get(m.id);
        return described ? [{ id: m.id, scientific: m.scientific, profile: described.profile }] : [];
      }),
    },
  );
  const settled = new Set(profile.settled);
  return asked.filter((q) => !settled.has(q.text));
}
