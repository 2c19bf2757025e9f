import type { SpeciesProfile, StatementRow } from '@hurrow/contract';
import type { Life } from '@hurrow/core/conditions';

/** What a species itself says of a character at one stage of life; of no stage where none is given. */
export const saidOf = (
  profile: Pick<SpeciesProfile, 'header' | 'statements'>,
  character: string,
  stage: Life | null,
): readonly StatementRow[] =>
  profile.statements.filter(
    (s) => s.taxon === profile.header.id && s.character === character && (s.life ?? null) === stage,
  );
