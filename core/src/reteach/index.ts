export { LESSON_TIMES, planLesson, removedBy } from './plan.ts';
export type { Contrast, LeftOut, LessonPlan, LessonTimes, PlanChoices } from './plan.ts';
