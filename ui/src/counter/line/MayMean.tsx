import { Button } from "react-bootstrap";
import type { Wire } from "../../shared/api";
import { percent } from "../../shared/format";
import type { Answer } from "../casefile/case";
import type { Action } from "../casefile/caseState";

type Option = Wire["MeantWire"];

/** The reading that the keys confirm and reject: the likeliest of the first unsure clause. */
export const atKeys = (answer: Answer): Option | undefined => answer.maybe[0]?.options[0];

/** The caller said so. */
export const confirmed = (option: Option): Action => ({
  kind: "answered",
  finding: option.finding,
  answer: option.answer,
  said: option.said,
});

/** The caller did not say so: it is not offered again in this case. */
export const rejected = (option: Option): Action => ({ kind: "excluded", key: option.key });

type Props = { answer: Answer; act: (action: Action) => void };

/** Clauses that may mean something, each with what it may mean, to be confirmed or rejected. */
export function MayMean({ answer, act }: Props) {
  const first = atKeys(answer);
  if (first === undefined) {
    return null;
  }
  return (
    <ul className="may-mean card-plain" aria-label="May mean">
      {answer.maybe.map((clause) => (
        <li key={clause.phrase}>
          <div className="soft">“{clause.phrase.trim()}” may mean</div>
          {clause.options.map((option) => (
            <div key={option.key} className="chip">
              <Button variant="quiet" size="sm" onClick={() => act(confirmed(option))}>
                <span>{option.words}</span>
                <span className="soft">{percent(option.probability)}</span>
                {option === first && <kbd>Y</kbd>}
              </Button>
              <Button
                variant="quiet"
                size="sm"
                aria-label={`Not said: ${option.words}`}
                title="Not said"
                onClick={() => act(rejected(option))}
              >
                ×{option === first && <kbd>I</kbd>}
              </Button>
            </div>
          ))}
        </li>
      ))}
    </ul>
  );
}
