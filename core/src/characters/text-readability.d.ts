declare module 'text-readability' {
  /** Readability formulas for English. */
  const readability: {
    /** The school grade a text reads at. */
    readonly fleschKincaidGrade: (text: string) => number;
  };
  export default readability;
}
