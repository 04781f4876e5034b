import { type KeyboardEvent, useRef } from "react";
import { Button } from "react-bootstrap";
import type { Wire } from "../../shared/api";
import { sentence } from "../../shared/format";
import { PartPicture, pictureOf, usePictures } from "../../shared/PartPicture";
import type { Action } from "../casefile/caseState";
import { choose } from "./Meanings";
import type { Answer } from "../casefile/case";

type Props = {
  answer: Answer;
  named: Wire["NamedWire"];
  /** The constructions the machine may have. */
  layouts: Wire["LayoutWire"][];
  act: (action: Action) => void;
  onLeave: () => void;
};

/** Moves the focus to the first meaning. */
export const focusMeanings = () => document.querySelector<HTMLElement>(".tiles button")?.focus();

const STEPS: Record<string, number> = { ArrowRight: 1, ArrowDown: 1, ArrowLeft: -1, ArrowUp: -1 };

/** A word that may mean several parts: their pictures side by side, to choose from. */
export function MeaningPicker({ answer, named, layouts, act, onLeave }: Props) {
  const pictures = usePictures(answer.appliance);
  const tiles = useRef<HTMLDivElement>(null);
  const walk = (event: KeyboardEvent) => {
    const step = STEPS[event.key];
    const all = [...(tiles.current?.querySelectorAll("button") ?? [])];
    const at = all.findIndex((tile) => tile === document.activeElement);
    if (event.key === "Escape") {
      onLeave();
    } else if (step !== undefined && at >= 0) {
      event.preventDefault();
      all[(at + step + all.length) % all.length]?.focus();
    }
  };
  return (
    <div
      className="card-plain which"
      role="dialog"
      aria-label={`Which part is “${named.phrase}”?`}
      onKeyDown={walk}
    >
      <div className="which-head">
        <b>“{named.phrase}”: which part?</b>
        <span className="small soft">
          <kbd>M</kbd> then arrows and Enter
        </span>
        <Button variant="link" size="sm" className="p-0" onClick={onLeave}>
          Can’t tell
        </Button>
      </div>
      <div className="tiles" ref={tiles}>
        {named.meanings.map((meaning) => (
          <Tile
            key={meaning.partType}
            meaning={meaning}
            pictures={pictures}
            places={layouts.flatMap((l) => l.places.filter((p) => p.partType === meaning.partType))}
            onChoose={() => act(choose(named, meaning))}
          />
        ))}
      </div>
    </div>
  );
}

type TileProps = {
  meaning: Wire["MeaningWire"];
  pictures: Wire["PicturesWire"] | null;
  places: Wire["PlaceWire"][];
  onChoose: () => void;
};

function Tile({ meaning, pictures, places, onChoose }: TileProps) {
  const picture = pictureOf(pictures, meaning.partType);
  return (
    <button type="button" onClick={onChoose}>
      {pictures && picture && <PartPicture figures={picture.figures} side={pictures.side} />}
      <b>{sentence(meaning.name)}</b>
      <span className="small tell">
        {picture?.tell} <span className="soft">{[...new Set(places.map((p) => p.where))].join(" · ")}</span>
      </span>
    </button>
  );
}
