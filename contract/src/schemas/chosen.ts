import type { ChosenFile } from '../index.ts';
import { made, mapOf, nullOr, record } from './typed.ts';
import { words } from './parts.ts';
import Joi from 'joi';

const chosenFile = record<ChosenFile>({
  choices: mapOf(nullOr(words(400))),
  text: made<string>(Joi.string()),
});

/** Reads a file that was sent with its choices. @returns null where it is not one. */
export function readChosenFile(sent: string): ChosenFile | null {
  try {
    const { value, error } = chosenFile.validate(JSON.parse(sent) as unknown);
    return error ? null : (value as ChosenFile);
  } catch {
    return null;
  }
}
