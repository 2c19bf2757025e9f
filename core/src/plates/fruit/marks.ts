import type { Traits } from '../traits.ts';

export const BY = ['fruit.kind', 'fruit.size', 'fruit.colour', 'fruit.texture'] as const;
const isDark = (t: Traits): boolean => ['purple', 'black', 'blue'].includes(t.state('fruit.colour') ?? '');
export const toneOf = (t: Traits): 'pale' | 'mid' | 'dark' =>
  isDark(t)
    ? 'dark'
    : ['white', 'yellow', 'green', 'tan'].includes(t.state('fruit.colour') ?? '')
      ? 'pale'
      : 'mid';
