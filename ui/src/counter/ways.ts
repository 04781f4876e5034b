import type { Wire } from "../shared/api";
import type { Answer } from "./useCounter";

type Option = Wire["OfferedWire"];

const NEEDS_ALONE = "cheapest-today";

/** The ways of buying it: what the needs alone come to first, the others as they were found, cheapest first. */
export function ways(answer: Answer): Option[] {
  if (!answer.basket?.best) {
    return [];
  }
  const first = answer.options.find((o) => o.purchase.kinds.includes(NEEDS_ALONE)) ?? answer.options[0];
  return first === undefined ? [] : [first, ...answer.options.filter((o) => o !== first)];
}

const NAMES: Record<string, string> = {
  "cheapest-today": "Needs alone",
  "in-pieces": "In pieces",
  "as-a-kit": "As a kit",
  "all-genuine": "All genuine",
  "renew-everything": "Renew all",
  "fewest-lines": "Fewest lines",
};

/** What a way is called: by what it is the least of, the most telling first. */
export function wayName(option: Option, wanting: boolean, branch: string | null): string {
  const kinds = option.purchase.kinds;
  if (kinds.includes(NEEDS_ALONE)) {
    return "Needs alone";
  }
  if (kinds.includes("least")) {
    return wanting ? "Long run" : "Least";
  }
  const named = Object.keys(NAMES).find((kind) => kinds.includes(kind));
  if (named !== undefined) {
    return NAMES[named] ?? named;
  }
  return branch ? `From ${branch} now` : "From stock now";
}

/** What else a way is the least of, in words. */
export function alsoSaid(option: Option, branch: string | null): string {
  const also: Record<string, string> = {
    least: "best in the long run",
    "fewest-lines": "fewest lines",
    "all-genuine": "all genuine",
    "from-stock-now": branch ? `all at ${branch} now` : "all in stock now",
    "renew-everything": "renews all that was offered",
  };
  return option.purchase.kinds
    .map((kind) => also[kind])
    .filter((words) => words !== undefined)
    .join(", ");
}

/** How many pieces leave in the bag. */
export const piecesOf = (purchase: Wire["PurchaseWire"]): number =>
  purchase.lines.reduce((sum, line) => sum + line.quantity, 0);

/** How many pieces are left over. */
export const sparesOf = (purchase: Wire["PurchaseWire"]): number =>
  purchase.spare.reduce((sum, spare) => sum + spare.quantity, 0);

/** Whether a wanted part is in a purchase. */
export const covers = (purchase: Wire["PurchaseWire"] | undefined, want: Wire["WantedWire"]): boolean =>
  purchase !== undefined &&
  want.quantity > 0 &&
  purchase.undone.every((undone) => undone.part !== want.supplied);
