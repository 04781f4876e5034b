import type { Wire } from "./api";

type Place = Wire["PlaceWire"];

/** Where a label stands, and from where to where its leader goes; in the units of the drawing. */
export type Label = { place: Place; x: number; y: number; from: [number, number]; to: [number, number] };

/** The room for labels at each side of a drawing, the height of one, and the least distance from the edges. */
export const LABEL_ROOM = 130;
const PITCH = 17;
const MARGIN = 12;

type Block = { places: Place[]; middle: number };

const wanted = (place: Place) => place.leaderY;

/**
 * Labels beside their drawing, as near to the height of their places as can be without overlap: those that would
 * overlap are joined to a block, which stands where the squares of all shifts are least (pool adjacent violators).
 */
export function labelsOf(places: Place[], width: number, height: number): Label[] {
  return ["left", "right"].flatMap((side) =>
    column(
      places.filter((place) => place.side === side),
      side === "left" ? LABEL_ROOM : width - LABEL_ROOM,
      height,
    ),
  );
}

function column(places: Place[], x: number, height: number): Label[] {
  const blocks: Block[] = [];
  for (const place of places.toSorted((a, b) => wanted(a) - wanted(b))) {
    let block: Block = { places: [place], middle: within(wanted(place), 1, height) };
    for (let above = blocks.at(-1); above && overlap(above, block); above = blocks.at(-1)) {
      blocks.pop();
      block = joined([...above.places, ...block.places], height);
    }
    blocks.push(block);
  }
  return blocks.flatMap((block) =>
    block.places.map((place, index) => {
      const y = block.middle + (index - (block.places.length - 1) / 2) * PITCH;
      return { place, x, y, from: [x, y], to: [place.leaderX, place.leaderY] };
    }),
  );
}

const half = (block: Block) => (block.places.length * PITCH) / 2;

const overlap = (above: Block, below: Block) => above.middle + half(above) > below.middle - half(below);

/** A block at the mean of what its labels want, moved back onto the sheet. */
function joined(places: Place[], height: number): Block {
  const shifts = places.map((place, index) => wanted(place) - (index - (places.length - 1) / 2) * PITCH);
  const mean = shifts.reduce((sum, y) => sum + y, 0) / places.length;
  return { places, middle: within(mean, places.length, height) };
}

const within = (middle: number, count: number, height: number) => {
  const room = (count * PITCH) / 2;
  return Math.max(MARGIN - PITCH / 2 + room, Math.min(height - MARGIN + PITCH / 2 - room, middle));
};
