import type { Wire } from "../../shared/api";
import type { Answer } from "../casefile/case";

type Option = Wire["OfferedWire"];

const REQUIRED_ONLY = "cheapest-today";

/** The purchase options: the required parts alone first, then the others, cheapest first. */
export function optionsOf(answer: Answer): Option[] {
  if (!answer.basket?.best) {
    return [];
  }
  const first = answer.options.find((o) => o.purchase.kinds.includes(REQUIRED_ONLY)) ?? answer.options[0];
  return first === undefined ? [] : [first, ...answer.options.filter((o) => o !== first)];
}

type Kind = Option["purchase"]["kinds"][number];

/** Names by what an option is best at, the most important first. */
const NAMES: [Kind, string][] = [
  ["cheapest-today", "Required parts"],
  ["in-pieces", "Separate parts"],
  ["as-a-kit", "As a kit"],
  ["all-genuine", "All genuine"],
  ["replace-all", "Replace all wear parts"],
  ["fewest-lines", "Fewest lines"],
];

/** The name of an option: by what it is best at, the most important first. */
export function optionName(option: Option, hasOptional: boolean, branch: string | null): string {
  const kinds = option.purchase.kinds;
  if (kinds.includes(REQUIRED_ONLY)) {
    return "Required parts";
  }
  if (kinds.includes("least")) {
    return hasOptional ? "Lowest long-term cost" : "Lowest price";
  }
  const named = NAMES.find(([kind]) => kinds.includes(kind));
  if (named !== undefined) {
    return named[1];
  }
  return branch ? `In stock at ${branch}` : "In stock now";
}

/** What else an option is best at, in words. */
export function alsoWords(option: Option, branch: string | null): string {
  const also: Partial<Record<Kind, string>> = {
    least: "lowest long-term cost",
    "fewest-lines": "fewest lines",
    "all-genuine": "all genuine",
    "from-stock-now": branch ? `all at ${branch} now` : "all in stock now",
    "replace-all": "replaces all wear parts",
  };
  return option.purchase.kinds
    .map((kind) => also[kind])
    .filter((words) => words !== undefined)
    .join(", ");
}

/** How many pieces are in the bag. */
export const piecesOf = (purchase: Wire["PurchaseOption"]): number =>
  purchase.lines.reduce((sum, line) => sum + line.quantity, 0);

/** How many pieces are left over. */
export const sparesOf = (purchase: Wire["PurchaseOption"]): number =>
  purchase.spare.reduce((sum, spare) => sum + spare.quantity, 0);

/** Whether an optional part is in a purchase. */
export const covers = (purchase: Wire["PurchaseOption"] | undefined, want: Wire["OptionalPart"]): boolean =>
  purchase !== undefined &&
  want.quantity > 0 &&
  purchase.undone.every((undone) => undone.part !== want.supplied);
