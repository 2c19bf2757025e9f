/** One graded answer, as what a student did. */
export interface XapiAnswer {
  readonly response: string;
  /** The student, by an id that means nothing outside. */
  readonly student: string;
  readonly sitting: string;
  readonly station: string;
  readonly ask: string;
  readonly quiz: string;
  readonly number: number;
  /** What is asked, in words. */
  readonly asked: string;
  readonly answer: string;
  readonly points: number;
  readonly most: number;
  /** ISO. */
  readonly at: string;
}

const VERB = { id: 'http://adlnet.gov/expapi/verbs/answered', display: { 'en-US': 'answered' } } as const;
const CMI = 'http://adlnet.gov/expapi/activities/cmi.interaction';

/**
 * Answers as xAPI 1.0.3 statements, one JSON object a line. A student is an account with a random id, never a name or a
 * number; ids are of this workspace.
 * @param workspace its id, by which the statements' ids are of one place.
 */
export function writeXapi(answers: readonly XapiAnswer[], workspace: string): string {
  const home = `urn:uuid:${workspace}`;
  const lines = answers.map((a) =>
    JSON.stringify({
      id: a.response,
      actor: { objectType: 'Agent', account: { homePage: home, name: a.student } },
      verb: VERB,
      object: {
        objectType: 'Activity',
        id: `urn:uuid:${a.ask}`,
        definition: {
          type: CMI,
          name: { 'en-US': `Station ${a.number}: ${a.asked}` },
          interactionType: 'other',
        },
      },
      result: {
        response: a.answer,
        success: a.most > 0 && a.points >= a.most,
        ...(a.most > 0
          ? {
              score: {
                raw: a.points,
                min: 0,
                max: a.most,
                scaled: Math.round((1e6 * a.points) / a.most) / 1e6,
              },
            }
          : {}),
      },
      context: {
        platform: 'Hurrow',
        contextActivities: {
          parent: [{ id: `urn:uuid:${a.station}`, objectType: 'Activity' }],
          grouping: [
            {
              id: `urn:uuid:${a.sitting}`,
              objectType: 'Activity',
              definition: { name: { 'en-US': a.quiz } },
            },
          ],
        },
      },
      timestamp: a.at,
      version: '1.0.3',
    }),
  );
  return lines.length === 0 ? '' : `${lines.join('\n')}\n`;
}
