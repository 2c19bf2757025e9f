export { joinWalk, moveSitting, openSitting, openTestApp } from './app.ts';
export type { TestApp } from './app.ts';
export { answersFor, send } from './answer.ts';
export type { Given } from './answer.ts';
export { client } from './client.ts';
export type { Answer, Client } from './client.ts';
export { PASSPHRASES, fixture } from './fixture.ts';
export { WS, id } from './ids.ts';
export { finished, sendFile } from './work.ts';
