import { type KeyboardEvent, useId, useState } from "react";
import type { Wire } from "./api";
import "./drawing.css";
import { Figure, isClosed, openPath } from "./Figures";
import { percent, sentence } from "./format";
import { LABEL_ROOM, type Label, labelsOf } from "./labels";
import { Patterns } from "./Patterns";

type Place = Wire["PlaceWire"];

/** A place that is under suspicion, or whose part is replaced: its number from 1, and how likely where it is suspected. */
export type Mark = { rank: number; probability: number | null };

type Props = {
  layout: Wire["LayoutWire"];
  fuels: string[];
  /** Answers of construction that are known, by finding. */
  kinds?: Record<string, string>;
  marks: Map<string, Mark>;
  /** The layer that opening up has come to: what was outside is off, and its own places are named. */
  layer?: string | null;
  /** A place that is pointed at from outside of the drawing. */
  pointed?: string | null;
  /** Without the room for labels, to be looked at small. */
  bare?: boolean;
  onPoint?: (place: Place | null) => void;
  onPick?: (place: Place) => void;
};

/** The places of a layout in machines of these fuels and kinds; of a kind that is not known, the one met most. */
export const placesOf = (
  layout: Wire["LayoutWire"],
  fuels: string[],
  kinds: Record<string, string> = {},
): Place[] =>
  layout.places.filter(
    ({ fuels: burns, kind, usual }) =>
      burns.some((fuel) => fuels.includes(fuel)) &&
      (kind && kinds[kind.finding] ? kind.answers.includes(kinds[kind.finding] ?? "") : usual),
  );

/** A place in words: what it is, how many, where. */
export const inWords = (place: Place): string =>
  `${sentence(place.name)}${place.quantity > 1 ? ` ×${place.quantity}` : ""}: ${place.where}`;

/** The machine cut open. A suspected place has a pattern, a number and a word, never color alone. */
export function MachineDrawing({
  layout,
  fuels,
  kinds,
  marks,
  layer = null,
  pointed = null,
  bare = false,
  onPoint,
  onPick,
}: Props) {
  const [under, setUnder] = useState<string | null>(null);
  const id = useId();
  const depth = layout.layers.findIndex((l) => l.layer === layer);
  const stage = (of: string) => {
    const at = layout.layers.findIndex((l) => l.layer === of);
    return depth < 0 || at === depth ? "at-hand" : at < depth ? "off" : "beyond";
  };
  const shown = under ?? pointed;
  const there = placesOf(layout, fuels, kinds);
  const places = layout.places.filter(
    (place) => marks.has(place.slot) || (there.includes(place) && stage(place.layer) !== "off"),
  );
  const named = places.filter(
    (place) => marks.has(place.slot) || place.slot === shown || (depth >= 0 && place.layer === layer),
  );
  const labels = labelsOf(named, layout.width, layout.height);
  const point = (place: Place | null) => {
    setUnder(place?.slot ?? null);
    onPoint?.(place);
  };
  return (
    <svg
      className="machine"
      viewBox={
        bare
          ? `${SPARE} 0 ${layout.width - 2 * SPARE} ${layout.height}`
          : `0 0 ${layout.width} ${layout.height}`
      }
      role="group"
      aria-label={`${layout.name}. ${layout.seen}`}
    >
      <Patterns id={id} />
      {layout.layers.map((l) => (
        <g key={l.layer} className={`layer ${stage(l.layer)}`}>
          {l.figures.map((figure, index) => (
            <Figure key={index} figure={figure} />
          ))}
        </g>
      ))}
      {layout.words.map((word) => (
        <text key={word.text} x={word.x} y={word.y} className="word">
          {word.text}
        </text>
      ))}
      {places.map((place) => (
        <Spot
          key={place.slot}
          place={place}
          mark={marks.get(place.slot)}
          stage={stage(place.layer)}
          shown={place.slot === shown}
          patterns={id}
          point={point}
          onPick={onPick}
        />
      ))}
      {labels.map((label) => (
        <Name
          key={label.place.slot}
          label={label}
          mark={marks.get(label.place.slot)}
          strong={label.place.slot === shown}
        />
      ))}
    </svg>
  );
}

/** What is cut off at each side of a bare drawing. */
const SPARE = LABEL_ROOM - 14;

/** The least that a place offers to the mouse, whatever its own size. */
const REACH = 14;

type SpotProps = {
  place: Place;
  mark: Mark | undefined;
  stage: string;
  shown: boolean;
  patterns: string;
  point: (place: Place | null) => void;
  onPick: ((place: Place) => void) | undefined;
};

function Spot({ place, mark, stage, shown, patterns, point, onPick }: SpotProps) {
  const words = inWords(place);
  const said =
    mark === undefined
      ? words
      : mark.probability === null
        ? `${words}, number ${mark.rank}`
        : `${words}, suspect ${mark.rank}, ${percent(mark.probability)}`;
  const press = (event: KeyboardEvent) => {
    if (event.key === "Enter" || event.key === " ") {
      event.preventDefault();
      event.stopPropagation();
      onPick?.(place);
    }
  };
  const doing =
    onPick === undefined
      ? { role: "img" }
      : { role: "button", tabIndex: 0, onClick: () => onPick(place), onKeyDown: press };
  const fill = mark === undefined ? undefined : `url(#${patterns}-${Math.min(mark.rank, 4)})`;
  const spare = Math.max(0, REACH - place.width) / 2;
  const tall = Math.max(0, REACH - place.height) / 2;
  return (
    <g
      className={`spot ${stage}${mark === undefined ? "" : " suspect"}${shown ? " shown" : ""}`}
      aria-label={said}
      data-place={place.slot}
      onMouseEnter={() => point(place)}
      onMouseLeave={() => point(null)}
      onFocus={() => point(place)}
      onBlur={() => point(null)}
      {...doing}
    >
      {place.figures
        .filter((figure) => !isClosed(figure))
        .map((figure, index) => (
          <path key={index} d={openPath(figure)} className="under" stroke={fill} />
        ))}
      {place.figures.map((figure, index) => (
        <Figure key={index} figure={figure} fill={fill} />
      ))}
      <rect
        x={place.x - spare}
        y={place.y - tall}
        width={place.width + 2 * spare}
        height={place.height + 2 * tall}
        className="reach"
      />
    </g>
  );
}

/** How far a label's text keeps from its leader, and the side of the square with the suspect's number. */
const GAP = 4;
const TAG = 16;

function Name({ label, mark, strong }: { label: Label; mark: Mark | undefined; strong: boolean }) {
  const { place, x, y } = label;
  const left = place.side === "left";
  const out = left ? -1 : 1;
  const quantity = place.quantity > 1 ? ` ×${place.quantity}` : "";
  const start = x + out * (GAP + (mark === undefined ? 0 : TAG + 3));
  const tag = left ? x - GAP - TAG : x + GAP;
  return (
    <g className={mark === undefined && !strong ? "name" : "name strong"} aria-hidden="true">
      <path d={`M${label.from.join(" ")}L${label.to.join(" ")}`} className="leader" />
      {mark !== undefined && (
        <>
          <rect x={tag} y={y - TAG / 2} width={TAG} height={TAG} rx={TAG / 2} className="tag" />
          <text x={tag + TAG / 2} y={y + 4} className="tag-number">
            {mark.rank}
          </text>
        </>
      )}
      <text x={start} y={y + 4.5} className={left ? "label end" : "label"}>
        {place.label}
        {quantity}
      </text>
    </g>
  );
}
