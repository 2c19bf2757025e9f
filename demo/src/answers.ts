/** What is planted in the class: students who miss a character name one species for another. */
export interface Planted {
  readonly truth: string;
  readonly named: string;
  /** The share of students who miss it at a look. */
  readonly rate: number;
  /** The character behind it, and the state it is misread as; without a state it is read right and not used. */
  readonly character?: string;
  readonly readAs?: string;
  /** The only section that has it; all of them without one. */
  readonly section?: string;
  /** The rate after the lesson that took the pair again; a lesson that changed nothing leaves it out. */
  readonly afterLesson?: number;
}

/** Which section answers, and whether its lesson has been. */
export interface Answering {
  readonly section: string;
  readonly afterLesson: boolean;
}

export const PLANTED: readonly Planted[] = [
  {
    truth: 'Abies grandis',
    named: 'Abies lasiocarpa',
    rate: 0.34,
    afterLesson: 0.04,
    character: 'needle.bands',
    readAs: 'both-sides',
  },
  {
    truth: 'Abies lasiocarpa',
    named: 'Abies grandis',
    rate: 0.12,
    afterLesson: 0.03,
    character: 'needle.bands',
    readAs: 'below-only',
  },
  {
    truth: 'Pseudotsuga menziesii',
    named: 'Abies grandis',
    rate: 0.16,
    character: 'twig.bud_shape',
    readAs: 'round',
  },
  { truth: 'Pinus flexilis', named: 'Pinus albicaulis', rate: 0.42 },
  { truth: 'Fraxinus pennsylvanica', named: 'Sambucus cerulea', rate: 0.2 },
  {
    truth: 'Fraxinus pennsylvanica',
    named: 'Sorbus scopulina',
    rate: 0.18,
    section: 'tuesday',
    character: 'twig.arrangement',
    readAs: 'alternate',
  },
  {
    truth: 'Sorbus aucuparia',
    named: 'Fraxinus pennsylvanica',
    rate: 0.25,
    section: 'tuesday',
    character: 'twig.arrangement',
    readAs: 'opposite',
  },
  { truth: 'Sorbus aucuparia', named: 'Sorbus scopulina', rate: 0.3 },
  {
    truth: 'Elaeagnus angustifolia',
    named: 'Shepherdia argentea',
    rate: 0.36,
    character: 'twig.arrangement',
  },
  { truth: 'Shepherdia argentea', named: 'Elaeagnus angustifolia', rate: 0.2 },
];

export interface PlantedAsk {
  readonly kind: string;
  readonly character: string | null;
}

export interface Answered {
  readonly typed: string | null;
  readonly state: string | null;
  readonly sure: 'sure' | 'leaning' | 'guessing' | null;
}

/** One letter dropped, doubled or swapped, as a hand in a hurry does. */
export function slip(text: string, random: () => number): string {
  const at = 1 + Math.floor(random() * Math.max(1, text.length - 2));
  const kind = random();
  if (kind < 0.4) return text.slice(0, at) + text.slice(at + 1);
  if (kind < 0.7) return text.slice(0, at) + text.charAt(at) + text.slice(at);
  return text.slice(0, at) + text.charAt(at + 1) + text.charAt(at) + text.slice(at + 2);
}

export interface ClassNames {
  readonly common: (species: string) => string;
  /** Other common names, shared ones included. */
  readonly others: (species: string) => readonly string[];
  readonly shown: (species: string, character: string) => string;
}

/**
 * What one student answers at one station. Each planted miss is drawn in turn; whoever misses names the other
 * species, and either misreads the call or reads it right and does not use it.
 */
export function answerStation(
  truth: string,
  asks: readonly PlantedAsk[],
  skill: number,
  names: ClassNames,
  random: () => number,
  who: Answering = { section: 'tuesday', afterLesson: false },
): readonly Answered[] {
  const rate = (p: Planted): number => (who.afterLesson ? (p.afterLesson ?? p.rate) : p.rate);
  const missed = PLANTED.filter(
    (p) => p.truth === truth && (p.section === undefined || p.section === who.section),
  ).find((p) => random() < rate(p) * skill);
  const named = missed?.named ?? truth;
  const misreads = missed?.readAs !== undefined && random() < 0.7;
  const blank = !missed && random() < 0.03;
  const genusOnly = !missed && !blank && random() < 0.03;
  const unlisted = !missed && !blank && !genusOnly && random() < 0.02;
  const spelt = (name: string): string => (random() < 0.14 ? slip(name, random) : name);
  const common = (): string => {
    const others = names.others(named);
    return others.length > 0 && random() < 0.18
      ? (others[Math.floor(random() * others.length)] ?? names.common(named))
      : names.common(named);
  };
  const nameFor = (kind: string): string => {
    if (blank) return '';
    if (unlisted) return 'bristly needle tree';
    const [genus = ''] = named.split(' ');
    if (genusOnly) return genus;
    if (kind === 'scientific')
      return spelt(random() < 0.2 ? named.replace(genus, `${genus.charAt(0)}.`) : named);
    return spelt(common().toLowerCase());
  };
  return asks.map((ask): Answered => {
    if (ask.kind === 'sureness') {
      const r = random();
      const sure = missed
        ? r < 0.3
          ? 'sure'
          : r < 0.75
            ? 'leaning'
            : 'guessing'
        : r < 0.65
          ? 'sure'
          : 'leaning';
      return { typed: null, state: null, sure };
    }
    if (ask.kind === 'call') {
      const character = ask.character ?? '';
      const misread = misreads && missed.character === character && missed.readAs !== undefined;
      return { typed: null, state: misread ? missed.readAs : names.shown(truth, character), sure: null };
    }
    return { typed: nameFor(ask.kind), state: null, sure: null };
  });
}
