import { EMPTY, type CaseState } from "./case";

const DRAFT = "synopta.case";

/** What was left in the browser under a key, over what is there when nothing was. */
export function stored<T extends object>(key: string, empty: T): T {
  try {
    const text = localStorage.getItem(key);
    return text === null ? empty : { ...empty, ...JSON.parse(text) };
  } catch {
    return empty;
  }
}

/** The case that was being worked when the page was left. */
export const savedCase = (): CaseState => stored(DRAFT, EMPTY);

export const saveCase = (state: CaseState) => localStorage.setItem(DRAFT, JSON.stringify(state));
