import { EMPTY, type CaseState } from "./caseState";

const DRAFT = "synopta.case";

/** The case that was being worked when the page was left. */
export function leftOver(): CaseState {
  try {
    const text = localStorage.getItem(DRAFT);
    return text === null ? EMPTY : { ...EMPTY, ...JSON.parse(text) };
  } catch {
    return EMPTY;
  }
}

export const leave = (state: CaseState) => localStorage.setItem(DRAFT, JSON.stringify(state));
