import type { KeyboardEvent } from "react";
import type { Wire } from "./api";
import { percent } from "./format";
import "./drawing.css";

type Place = Wire["PlaceWire"];

/** A place that is under suspicion: its rank from 1, and how likely. */
export type Mark = { rank: number; probability: number | null };

type Props = {
  layout: Wire["LayoutWire"];
  fuels: string[];
  marks: Map<string, Mark>;
  onPick?: (place: Place) => void;
};

const isIn = (place: Place, fuels: string[]) => place.fuels.some((fuel) => fuels.includes(fuel));

/** The machine in section. A suspected place has a pattern, a number and a word, never colour alone. */
export function MachineDrawing({ layout, fuels, marks, onPick }: Props) {
  const places = layout.places.filter((place) => isIn(place, fuels));
  return (
    <svg
      className="machine"
      viewBox={`0 0 ${layout.width} ${layout.height}`}
      role="group"
      aria-label={`Section of the machine: ${layout.name}`}
    >
      <Patterns />
      {layout.lines.map((line) => (
        <path key={line.path} d={line.path} className={`stroke ${line.weight}`} />
      ))}
      {layout.texts.map((t) => (
        <text key={t.text} x={t.x} y={t.y} className={`word ${t.anchor}`}>
          {t.text}
        </text>
      ))}
      {places.map((place) => (
        <Spot key={place.slot} place={place} mark={marks.get(place.slot)} onPick={onPick} />
      ))}
    </svg>
  );
}

function Patterns() {
  return (
    <defs>
      <pattern id="suspect-1" width="5" height="5" patternUnits="userSpaceOnUse">
        <rect width="5" height="5" className="wash" />
        <path d="M0 0L5 5M5 0L0 5" className="hatch" />
      </pattern>
      <pattern id="suspect-2" width="5" height="5" patternUnits="userSpaceOnUse">
        <rect width="5" height="5" className="wash brass" />
        <rect x="1" y="1" width="2.4" height="2.4" className="dot" />
      </pattern>
      <pattern id="suspect-3" width="4" height="4" patternUnits="userSpaceOnUse">
        <rect width="4" height="4" className="blank" />
        <path d="M0 4L4 0" className="thin" />
      </pattern>
      <pattern id="suspect-4" width="6" height="6" patternUnits="userSpaceOnUse">
        <rect width="6" height="6" className="blank" />
        <path d="M0 3H6" className="thin" />
      </pattern>
    </defs>
  );
}

/** Where a leader leaves a place for its label. */
function leader(place: Place): string {
  const { label } = place;
  const cx = place.x + place.width / 2;
  const cy = place.y + place.height / 2;
  if (label.anchor === "middle") {
    const below = label.y > cy;
    return `M${cx} ${below ? place.y + place.height : place.y} L${label.x} ${below ? label.y - 11 : label.y + 3}`;
  }
  const from = label.anchor === "start" ? place.x + place.width : place.x;
  const to = label.anchor === "start" ? label.x - 22 : label.x + 22;
  return `M${from} ${cy} L${to} ${label.y - 4}`;
}

function Spot({
  place,
  mark,
  onPick,
}: {
  place: Place;
  mark: Mark | undefined;
  onPick?: (place: Place) => void;
}) {
  const said =
    mark === undefined
      ? place.name
      : `${place.name}, suspect ${mark.rank}${mark.probability === null ? "" : `, ${percent(mark.probability)}`}`;
  const press = (event: KeyboardEvent) => {
    if (event.key === "Enter" || event.key === " ") {
      event.preventDefault();
      event.stopPropagation();
      onPick?.(place);
    }
  };
  const button =
    onPick === undefined
      ? {}
      : { role: "button", tabIndex: 0, onClick: () => onPick(place), onKeyDown: press };
  const fill = mark === undefined ? undefined : `url(#suspect-${Math.min(mark.rank, 4)})`;
  return (
    <g className={mark === undefined ? "spot" : "spot suspect"} aria-label={said} {...button}>
      <title>{said}</title>
      <path d={leader(place)} className="leader" />
      {place.shape === "round" ? (
        <>
          <circle
            cx={place.x + place.width / 2}
            cy={place.y + place.height / 2}
            r={place.width / 2}
            fill={fill}
            className="body"
          />
          <circle cx={place.x + place.width / 2} cy={place.y + place.height / 2} r={2.5} className="hub" />
        </>
      ) : (
        <rect
          x={place.x}
          y={place.y}
          width={place.width}
          height={place.height}
          fill={fill}
          className="body"
        />
      )}
      <Name place={place} mark={mark} />
    </g>
  );
}

function Name({ place, mark }: { place: Place; mark: Mark | undefined }) {
  const { label } = place;
  const shift = label.anchor === "start" ? -18 : label.anchor === "end" ? 4 : -label.text.length * 3.2 - 20;
  return (
    <>
      {mark !== undefined && (
        <>
          <rect x={label.x + shift} y={label.y - 12} width={15} height={15} className="tag" />
          <text x={label.x + shift + 7.5} y={label.y - 0.5} className="tag-number middle">
            {mark.rank}
          </text>
        </>
      )}
      <text x={label.x} y={label.y} className={`name ${label.anchor}`}>
        {label.text}
      </text>
    </>
  );
}
