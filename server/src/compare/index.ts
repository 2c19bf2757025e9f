import type { Handlers } from '../http/index.ts';
import { readLore } from './lore.ts';
import { changeRule, createRule, readRules, removeRule } from './rules.ts';

export const compareHandlers = {
  listLore: async (call) => ({ body: await readLore(call) }),
  rules: async (call) => ({ body: await readRules(call.app.db, call.who.ws) }),
  ruleCreate: createRule,
  ruleChange: changeRule,
  ruleRemove: removeRule,
} satisfies Partial<Handlers>;
