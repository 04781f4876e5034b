import { Button } from "react-bootstrap";
import { money, percent } from "../../shared/format";
import { PartLink } from "../../shared/NumberLink";
import type { Answer } from "../casefile/case";

type Props = { answer: Answer; onUse: (part: string) => void };

/** The numbers that parts may have while the model is not known, and what settles it. */
export function LikelyNumbers({ answer, onUse }: Props) {
  if (answer.likely.length === 0) {
    return null;
  }
  return (
    <div className="row-line" role="group" aria-label="Likely numbers">
      <b>Likely numbers.</b> The model number on the tag settles it, or the number on the old part.
      <table className="likely small">
        <tbody>
          {answer.likely.map((number) => {
            const part = answer.parts.find((p) => p.part === number.part);
            return (
              <tr key={number.partType + number.part}>
                <td>
                  <PartLink part={number.part} /> {part?.name}
                  <div className="soft">
                    {number.platforms.slice(0, 3).join(", ")}
                    {number.platforms.length > 3 ? " …" : ""}
                  </div>
                </td>
                <td className="numeric">{percent(number.probability)}</td>
                <td className="numeric">{part?.price ? money(part.price) : "no price"}</td>
                <td>
                  <Button
                    variant="quiet"
                    size="sm"
                    aria-label={`Use ${number.part}`}
                    onClick={() => onUse(number.part)}
                  >
                    Use
                  </Button>
                </td>
              </tr>
            );
          })}
        </tbody>
      </table>
    </div>
  );
}
