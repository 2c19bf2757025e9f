/** Which answers of a run are read: all, those to names, or those that a person should see. */
export type Show = 'all' | 'names' | 'look';

/**
 * What a person should see: a judgement that is neither plainly right nor plainly wrong, a hand that nobody
 * could read, and nobody decided about.
 */
export const TO_SEE = `(g.outcome = any($4::text[]) or r.late or r.value ->> 'kind' = 'illegible') and o.response is null and (g.folded is null or g.folded <> all($5::text[]))`;

/** The graded answers of a sitting (`$2`) in a run (`$3`), with what was overridden. */
export const GRADED = `from attempt t join student st on st.ws = t.ws and st.id = t.student
  join response r on r.ws = t.ws and r.attempt = t.id
  join run_grade g on g.ws = r.ws and g.response = r.id and g.run = $3
  left join override o on o.ws = g.ws and o.response = g.response and o.withdrawn_at is null`;
