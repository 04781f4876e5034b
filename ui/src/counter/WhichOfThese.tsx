import { type KeyboardEvent, useRef } from "react";
import { Button } from "react-bootstrap";
import type { Wire } from "../shared/api";
import { sentence } from "../shared/format";
import { PartPicture, pictureOf, usePictures } from "../shared/PartPicture";
import type { Action } from "./caseState";
import { choose } from "./Meanings";
import type { Answer } from "./useCounter";

type Props = {
  answer: Answer;
  named: Wire["NamedWire"];
  /** What the machine may be. */
  layouts: Wire["LayoutWire"][];
  act: (action: Action) => void;
  onLeave: () => void;
};

/** The tile that the key for a word's meaning goes to. */
export const toWhich = () => document.querySelector<HTMLElement>(".tiles button")?.focus();

const STEPS: Record<string, number> = { ArrowRight: 1, ArrowDown: 1, ArrowLeft: -1, ArrowUp: -1 };

/** A word that means several parts: their pictures side by side, to choose from. */
export function WhichOfThese({ answer, named, layouts, act, onLeave }: Props) {
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
      aria-label={`Which is meant by “${named.phrase}”?`}
      onKeyDown={walk}
    >
      <div className="which-head">
        <b>“{named.phrase}”: which of these?</b>
        <span className="small soft">
          <kbd>M</kbd> then arrows and Enter
        </span>
        <Button variant="link" size="sm" className="p-0" onClick={onLeave}>
          cannot tell
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
