const FOCUSABLE = "a[href], button, input, select, summary, [tabindex='0']";

/** What can take the focus within a part of the page, in its order. */
export const controlsOf = (part: Element): HTMLElement[] =>
  [...part.querySelectorAll<HTMLElement>(FOCUSABLE)].filter((control) => !control.matches(":disabled"));
