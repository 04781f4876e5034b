import { controlsOf } from "./controls";

/** The line, and the three columns, in the order of the screen. */
const PANES = ["#line", ".of-known", ".of-causes", ".of-bag"];

/** The first control of a pane; none where it is not shown. */
function firstOf(pane: string): HTMLElement | undefined {
  const whole = document.querySelector<HTMLElement>(pane);
  return whole?.matches("input")
    ? whole
    : whole
      ? controlsOf(whole).find((control) => control.offsetParent !== null)
      : undefined;
}

/** Moves to the first control of the next pane, or of the one before. */
export function nextPane(by: 1 | -1) {
  const at = PANES.findIndex((pane) => document.activeElement?.closest(pane));
  const order = PANES.map((_, step) => PANES[(at + by * (step + 1) + 2 * PANES.length) % PANES.length] ?? "");
  order
    .map(firstOf)
    .find((control) => control !== undefined)
    ?.focus();
}
