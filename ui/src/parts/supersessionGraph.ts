import type { Wire } from "../shared/api";

type Step = Wire["Supersession"];

/** Where a part of a supersession stands: its column from the oldest on, its row from the top. */
export type Spot = { part: string; column: number; row: number };

export type Placed = { spots: Map<string, Spot>; columns: number; rows: number };

/** Every step leads to the right; each branch keeps a row of its own. */
export function placed(part: string, steps: Step[]): Placed {
  const columns = new Map<string, number>([[part, 0]]);
  for (const step of steps) {
    columns.set(step.oldPart, 0);
    columns.set(step.newPart, 0);
  }
  for (let changed = true; changed;) {
    changed = false;
    for (const step of steps) {
      const least = (columns.get(step.oldPart) ?? 0) + 1;
      if ((columns.get(step.newPart) ?? 0) < least) {
        columns.set(step.newPart, least);
        changed = true;
      }
    }
  }
  const later = new Set(steps.map((step) => step.newPart));
  const spots = new Map<string, Spot>();
  let rows = 0;
  const put = (here: string, row: number) => {
    spots.set(here, { part: here, column: columns.get(here) ?? 0, row });
    let first = true;
    for (const step of steps.filter((s) => s.oldPart === here)) {
      if (!spots.has(step.newPart)) {
        put(step.newPart, first ? row : rows++);
        first = false;
      }
    }
  };
  for (const start of [...columns.keys()].filter((p) => !later.has(p))) {
    put(start, rows++);
  }
  return { spots, columns: Math.max(...columns.values()) + 1, rows };
}

/** The notes on a step, shortest first. */
export function stepWords(step: Step, steps: Step[]): string[] {
  const siblings = steps.filter((s) => s.oldPart === step.oldPart);
  const choices = new Set(siblings.map((s) => s.choice)).size;
  const together = siblings.filter((s) => s.choice === step.choice).length;
  return [
    choices > 1 ? `choice ${step.choice}` : "",
    together > 1 ? "together" : "",
    step.quantity > 1 ? `${step.quantity} pieces` : "",
    step.change === "" ? "drop-in" : step.change,
    step.effective ? `since ${step.effective.slice(0, 4)}` : "",
  ].filter((word) => word !== "");
}
