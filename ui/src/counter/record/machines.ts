import type { Wire } from "../../shared/api";
import type { Answer, CaseState } from "../casefile/case";
import { stored } from "../casefile/savedCase";

/** A machine of the visit that is not at hand: its case, and what is in its bag. */
export type Machine = {
  state: CaseState;
  name: string;
  total: string;
  lines: Wire["QuoteLineWire"][];
  model: string | null;
  /** Whether grave cautions were not read yet. */
  unread: boolean;
};

/**
 * The machines of the visit but the one at hand, where that one stands among them, and the number of its first case once
 * it is kept.
 */
export type Visit = { others: Machine[]; at: number; first: number | null };

export const ALONE: Visit = { others: [], at: 0, first: null };

/** The number by which a case finds the others of its visit. */
export const firstOf = (state: CaseState): number | null => state.visit ?? state.kept?.number ?? null;

const KEY = "synopta.machines";

export const savedVisit = (): Visit => stored(KEY, ALONE);

export const saveVisit = (visit: Visit) => localStorage.setItem(KEY, JSON.stringify(visit));

/** What is quoted of a bag; a line that covers a part whose fit is open is not checked. */
export const quoteLines = (
  option: Wire["OfferedWire"] | undefined,
  needs: Wire["NeededWire"][],
): Wire["QuoteLineWire"][] =>
  option?.purchase.lines.map(({ part, quantity, covers }) => ({
    part,
    quantity,
    fitChecked: needs
      .filter((need) => covers.some((covered) => covered.part === need.supplied))
      .every((need) => need.fit.verdict.startsWith("fits")),
  })) ?? [];

/** What a machine's case holds of its bag. */
export const boughtOf = (machine: Machine): Wire["CaseLineWire"][] =>
  machine.lines.map(({ part, quantity }) => ({ part, quantity }));

/** Lines of several bags, each part once. */
export function joined(bags: Wire["QuoteLineWire"][][]): Wire["QuoteLineWire"][] {
  const byPart = new Map<string, Wire["QuoteLineWire"]>();
  for (const line of bags.flat()) {
    const before = byPart.get(line.part);
    byPart.set(
      line.part,
      before === undefined
        ? line
        : {
            part: line.part,
            quantity: before.quantity + line.quantity,
            fitChecked: before.fitChecked !== false && line.fitChecked !== false,
          },
    );
  }
  return [...byPart.values()];
}

/** The machine at hand as it is left when another is taken up. */
export function left(
  state: CaseState,
  answer: Answer | undefined,
  option: Wire["OfferedWire"] | undefined,
  unread: boolean,
): Machine {
  return {
    state,
    name: answer?.model?.model ?? answer?.appliance ?? "new machine",
    total: option?.purchase.total ?? "0.00",
    lines: quoteLines(option, answer?.needs ?? []),
    model: answer?.model?.model ?? state.model,
    unread,
  };
}

/** The sum of amounts that the server sent as decimals. */
export const sumOf = (amounts: string[]): string =>
  (amounts.reduce((sum, amount) => sum + Math.round(Number(amount) * 100), 0) / 100).toFixed(2);
