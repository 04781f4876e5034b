import { useState } from "react";
import type { Wire } from "../../shared/api";
import { BeltPath } from "../../shared/BeltPath";
import { inWords, MachineDrawing, type Mark } from "../../shared/MachineDrawing";
import { usePictures } from "../../shared/PartPicture";
import { type Stage, Stages } from "../../shared/Stages";
import { usePlaced } from "../../shared/usePlaced";
import type { Action } from "../casefile/caseState";
import { ConfirmPart } from "./ConfirmPart";
import type { Answer } from "../casefile/case";

type Props = {
  answer: Answer;
  layout: Wire["LayoutWire"];
  marks: Map<string, Mark>;
  stage: Stage;
  onStage: (stage: Stage) => void;
  act: (action: Action) => void;
};

/**
 * The machine drawn, as far as it is opened; a click on a place that a request leaves open chooses it, on a suspected one
 * selects it, on a requested one takes the request back; any other asks for confirmation.
 */
export function MachineView({ answer, layout, marks, stage, onStage, act }: Props) {
  const [pointed, setPointed] = useState<Wire["PlaceWire"] | null>(null);
  const [picked, setPicked] = useState<Wire["PlaceWire"] | null>(null);
  const pictures = usePictures(answer.appliance);
  const placed = usePlaced(answer.model?.model);
  const partsOf = (place: Wire["PlaceWire"]) =>
    [...new Set(placed.filter((p) => p.slot === place.slot).map((p) => p.part))].join(", ");
  const suspectIn = (place: Wire["PlaceWire"]) =>
    answer.suspects.find((s) => s.partType === place.partType && (!s.slot || s.slot === place.slot));
  const toggle = (suspect: Wire["Suspect"]) =>
    act({ kind: "suspect", id: suspect.id, selling: answer.selling.includes(suspect.id) });
  const asked = answer.requests.flatMap((r) => r.places.map((p) => ({ ...p, instead: r.phrase })));
  const pick = (place: Wire["PlaceWire"]) => {
    const suspect = suspectIn(place);
    const requested = `finding:asked-${place.partType}`;
    const open = asked.find((a) => a.slot === place.slot);
    if (open) {
      act({ kind: "read", as: open.words, instead: open.instead });
    } else if (answer.known.some((known) => known.key === requested)) {
      act({ kind: "excluded", key: requested });
    } else if (suspect && (marks.has(place.slot) || answer.selling.includes(suspect.id))) {
      toggle(suspect);
    } else {
      setPicked(place);
    }
  };
  const take = (place: Wire["PlaceWire"]) => {
    setPicked(null);
    const isOneOfSeveral = layout.places.filter((p) => p.partType === place.partType).length > 1;
    act(
      isOneOfSeveral
        ? { kind: "used", words: place.name, at: Date.now() }
        : { kind: "answered", finding: `asked-${place.partType}`, answer: "yes" },
    );
  };
  return (
    <div className="card-plain drawing">
      <Stages layout={layout} stage={stage} onStage={onStage} hint="L" />
      {stage.kind === "belt" && layout.belt ? (
        <BeltPath belt={layout.belt} layout={layout} />
      ) : (
        <MachineDrawing
          layout={layout}
          fuels={answer.fuels}
          kinds={answer.kinds}
          marks={marks}
          layer={stage.kind === "layer" ? stage.layer : null}
          pointed={picked?.slot ?? null}
          onPoint={setPointed}
          onPick={pick}
        />
      )}
      {picked ? (
        <ConfirmPart
          place={picked}
          parts={partsOf(picked)}
          pictures={pictures}
          above={picked.y > layout.height / 2}
          onTake={() => take(picked)}
          onLeave={() => setPicked(null)}
        />
      ) : (
        pointed && (
          <div className="pointed small">
            <b>{inWords(pointed)}</b> <span className="code ms-2">{partsOf(pointed)}</span>
          </div>
        )
      )}
    </div>
  );
}
