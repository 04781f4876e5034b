import { EMPTY, type CaseState } from "./case";

const DRAFT = "synopta.case";

/** The case that was being worked when the page was left. */
export function savedCase(): CaseState {
  try {
    const text = localStorage.getItem(DRAFT);
    return text === null ? EMPTY : { ...EMPTY, ...JSON.parse(text) };
  } catch {
    return EMPTY;
  }
}

export const saveCase = (state: CaseState) => localStorage.setItem(DRAFT, JSON.stringify(state));
