import type { CaseState } from "./case";

const sharedStart = (a: string, b: string): number => {
  let length = 0;
  while (length < a.length && a[length] === b[length]) {
    length++;
  }
  return length;
};

const reversed = (text: string) => [...text].reverse().join("");

/** A line that was emptied or written over begins another case; one that was kept stays the case it is. */
export function isNewCaller(state: CaseState, line: string): boolean {
  const before = state.line;
  // Two callers both say "8 yrs" in the end: only a line that keeps half of its end was mended in front.
  const half = Math.max(3, Math.min(before.length, line.length) / 2);
  const alike = sharedStart(before, line) > 2 || sharedStart(reversed(before), reversed(line)) >= half;
  return state.kept === null && before.length > 2 && !alike;
}
