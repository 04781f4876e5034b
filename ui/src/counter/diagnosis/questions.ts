import type { Wire } from "../../shared/api";

export type Question = Wire["QuestionWire"];
export type Choice = Wire["ChoiceWire"];

/** An answer that is held up to see what it would do. */
export type Tried = { question: Question; choice: Choice };

/** So many questions are in sight. */
const IN_SIGHT = 3;

/** The questions in sight, the one at hand first, when so many were put off. */
export const inSight = (questions: Question[], skipQuestion: number): Question[] => {
  const first = skipQuestion % Math.max(1, questions.length);
  return [...questions.slice(first), ...questions.slice(0, first)].slice(0, IN_SIGHT);
};

/** The question at hand. */
export const atHand = (questions: Question[], skipQuestion: number): Question | undefined =>
  inSight(questions, skipQuestion)[0];

/** What can be replied, in the order of the keys 1, 2, 3 and so on. */
export const repliesTo = (question: Question): string[] => [...question.answers, "unknown"];
