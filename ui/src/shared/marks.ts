import type { Wire } from "./api";
import type { Mark } from "./MachineDrawing";

/** Suspects that have to do with the signs, at most four; while there is no sign, those that are met most. */
export function leading(suspects: Wire["Suspect"][]): Wire["Suspect"][] {
  return suspects.filter((s) => s.concerned).slice(0, 4);
}

/** What is suspected: a place of its own, or all that hold parts of the type. */
type Suspected = { slot?: string | null; partType: string; probability?: number | null };

/** Whether a suspicion is of a place. */
export const isOf = (suspect: Suspected, place: Wire["PlaceWire"]): boolean =>
  suspect.slot ? place.slot === suspect.slot : place.partType === suspect.partType;

/** Places numbered in the order in which their parts are replaced, as the steps number them. */
export const numbered = (slots: string[]): Map<string, Mark> =>
  new Map(slots.map((slot, index) => [slot, { rank: index + 1, probability: null }]));

/** Which places of a layout the leading suspects are in; the foremost suspect names the place. */
export function marksOf(suspects: Suspected[], layout: Wire["LayoutWire"]): Map<string, Mark> {
  const marks = new Map<string, Mark>();
  suspects.forEach((suspect, index) => {
    for (const place of layout.places) {
      if (isOf(suspect, place) && !marks.has(place.slot)) {
        marks.set(place.slot, { rank: index + 1, probability: suspect.probability ?? null });
      }
    }
  });
  return marks;
}
