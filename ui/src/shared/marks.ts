import type { Wire } from "./api";
import type { Mark } from "./MachineDrawing";

/** Suspects that a sign speaks for, at most four; while none does, those that are met most. */
export function leading(suspects: Wire["SuspectWire"][]): Wire["SuspectWire"][] {
  const spokenFor = suspects.filter((s) => s.probability >= 0.5 || s.because.some((r) => r.weight > 0));
  return (spokenFor.length > 0 ? spokenFor : suspects).slice(0, 4);
}

/** Which places of a layout the leading suspects are in; the foremost suspect names the place. */
export function marksOf(suspects: Wire["SuspectWire"][], layout: Wire["LayoutWire"]): Map<string, Mark> {
  const marks = new Map<string, Mark>();
  suspects.forEach((suspect, index) => {
    for (const place of layout.places) {
      const meant = suspect.slot ? place.slot === suspect.slot : place.partType === suspect.partType;
      if (meant && !marks.has(place.slot)) {
        marks.set(place.slot, { rank: index + 1, probability: suspect.probability });
      }
    }
  });
  return marks;
}
