/** What a workspace decides about mix-ups. */
export interface MixUpSettings {
  /** Share of flags that may be chance. */
  readonly level: number;
  /** Fewest students who must make a mix-up for it to be flagged, or to have come back. */
  readonly fewestStudents: number;
  /** Share of those who looked that must make a mix-up for it to be the class's. */
  readonly share: number;
  /** Looks on trees not met before that a pair needs, before and after a lesson, for anything to be said of it. */
  readonly looks: number;
}

export const MIX_UP_SETTINGS: MixUpSettings = { level: 0.1, fewestStudents: 3, share: 0.15, looks: 20 };

/** The least and the most each setting may be. */
export const SETTING_LIMITS: Readonly<Record<keyof MixUpSettings, readonly [number, number]>> = {
  level: [0.01, 0.3],
  fewestStudents: [2, 20],
  share: [0.05, 0.5],
  looks: [10, 200],
};

/** Settings as they are kept by name; what is not kept is as the program has it. */
export const settingsOf = (kept: Readonly<Record<string, number>>): MixUpSettings => ({
  level: kept['level'] ?? MIX_UP_SETTINGS.level,
  fewestStudents: kept['fewestStudents'] ?? MIX_UP_SETTINGS.fewestStudents,
  share: kept['share'] ?? MIX_UP_SETTINGS.share,
  looks: kept['looks'] ?? MIX_UP_SETTINGS.looks,
});
