import { Button } from "react-bootstrap";
import type { Wire } from "../../shared/api";
import { inWords } from "../../shared/MachineDrawing";
import { PartPicture, pictureOf } from "../../shared/PartPicture";

type Props = {
  place: Wire["PlaceWire"];
  /** The numbers of the parts that belong there, as far as the machine is known. */
  parts: string;
  pictures: Wire["PicturesWire"] | null;
  /** Whether it stands above the drawing, so that a place low down stays in sight. */
  above: boolean;
  onTake: () => void;
  onLeave: () => void;
};

/** Asks whether the clicked place holds the part that is meant. */
export function ConfirmPart({ place, parts, pictures, above, onTake, onLeave }: Props) {
  const picture = pictureOf(pictures, place.partType);
  return (
    <div
      className={above ? "this-one above" : "this-one"}
      role="dialog"
      aria-label={`This part? ${inWords(place)}`}
      onKeyDown={(event) => event.key === "Escape" && onLeave()}
    >
      {pictures && picture && <PartPicture figures={picture.figures} side={pictures.side} />}
      <div>
        <b>This part? {inWords(place)}</b> <span className="code">{parts}</span>
        {picture && <div className="small soft">{picture.tell}</div>}
      </div>
      <div className="d-flex gap-1">
        <Button variant="act" size="sm" autoFocus onClick={onTake}>
          Yes, this part
        </Button>
        <Button variant="quiet" size="sm" onClick={onLeave}>
          No
        </Button>
      </div>
    </div>
  );
}
