import { Button } from "react-bootstrap";
import type { Wire } from "../shared/api";
import { fuelName, ordinal, percent, sentence } from "../shared/format";
import type { Action } from "./caseState";
import { Unlisted } from "./Unlisted";
import type { Answer } from "./useCounter";

type Props = { answer: Answer; layouts: Wire["LayoutWire"][]; act: (action: Action) => void };

const years = (model: Wire["ModelWire"]) =>
  model.builtFrom && model.builtTo
    ? `Built ${model.builtFrom.slice(0, 4)} to ${model.builtTo.slice(0, 4)}`
    : "Build years not known";

/** Which machine it is, and the one character to read again. */
export function MachineCard({ answer, layouts, act }: Props) {
  const { model, reading } = answer;
  return (
    <section className="card-plain" aria-label="Machine">
      <span className="bin-tab">Machine</span>
      {model ? (
        <div className="row-line">
          <div className="code model-number">{model.model}</div>
          <div>
            {model.brand} {model.appliance}
            {model.fuel ? `, ${fuelName(model.fuel)}` : ""}
          </div>
          <div className="small soft">
            {layouts.find((l) => l.layout === model.layout)?.name ?? `Layout ${model.layout}`}
          </div>
          <div className="small soft">
            {years(model)}
            {reading
              ? ` · read as ${reading.normalized}, ${percent(certainty(reading, model.model))} sure`
              : ""}
          </div>
        </div>
      ) : (
        <>
          <NotKnown answer={answer} act={act} />
          {layouts.length > 0 && (
            <div className="row-line small soft">
              Where the tag is: {[...new Set(layouts.map((l) => l.tag))].slice(0, TAG_PLACES).join(" Or: ")}
            </div>
          )}
        </>
      )}
      {reading?.recheck && !lookFirst(answer) && (
        <ReadAgain reading={reading} again={reading.recheck} act={act} />
      )}
    </section>
  );
}

/** So many places of the tag are told; the commonest constructions come first. */
const TAG_PLACES = 3;

/** Two questions at once are one too many: the one that tells more is asked. */
const lookFirst = (answer: Answer): boolean =>
  answer.look != null &&
  answer.reading != null &&
  answer.look.expectedGainBits * answer.reading.unlisted > (answer.reading.recheck?.expectedGainBits ?? 0);

const certainty = (reading: Wire["TagAnswer"], model: string): number =>
  reading.candidates.find((c) => c.model === model)?.probability ?? 1;

function NotKnown({ answer, act }: { answer: Answer; act: Props["act"] }) {
  const { reading } = answer;
  if (!reading) {
    return <div className="row-line soft">No model number yet. Ask for the tag.</div>;
  }
  const unlisted = answer.constructions.length > 0 && reading.unlisted > 0.05;
  const near = reading.candidates.filter((c) => c.probability > 0.01).slice(0, unlisted ? 2 : 3);
  return (
    <div className="row-line">
      <div className="code model-number">{reading.normalized}</div>
      {answer.platform === null && near.length > 0 && <Nearest near={near} act={act} />}
      {(unlisted || answer.platform !== null) && (
        <Unlisted
          answer={answer}
          chance={near.length > 0 ? reading.unlisted : null}
          asking={lookFirst(answer) || !reading.recheck}
          act={act}
        />
      )}
      {!unlisted && answer.platform === null && near.length === 0 && (
        <div className="small soft">In no list, and nothing is near it. Read the tag again.</div>
      )}
    </div>
  );
}

function Nearest({ near, act }: { near: Wire["CandidateWire"][]; act: Props["act"] }) {
  return (
    <>
      <div className="small soft">Not sure which it is. Read the tag again, or pick:</div>
      {near.map((candidate) => (
        <Button
          key={candidate.model}
          variant="quiet"
          className="w-100 justify-content-between mt-1"
          onClick={() => act({ kind: "model", model: candidate.model })}
        >
          <span className="code">{candidate.model}</span>
          <span className="small">
            {candidate.brand} {percent(candidate.probability)}
          </span>
        </Button>
      ))}
    </>
  );
}

type AgainProps = { reading: Wire["TagAnswer"]; again: Wire["ReadAgainWire"]; act: Props["act"] };

const KEYS = ["R", "T"];

function ReadAgain({ reading, again, act }: AgainProps) {
  const at = again.position - 1;
  const shown = again.options.slice(0, 2);
  return (
    <div className="row-line ask-row">
      <div className="d-flex justify-content-between align-items-center gap-2">
        <span>
          Read the {ordinal(again.position)} again:{" "}
          <b>{shown.map((o) => (o === "" ? "nothing" : o)).join(" or ")}?</b>
        </span>
        <span className="d-flex gap-1">
          {shown.map((option, index) => (
            <Button
              key={option}
              variant="quiet"
              size="sm"
              aria-label={`The ${ordinal(again.position)} character is ${option === "" ? "not there" : option}`}
              onClick={() => act({ kind: "recheck", position: again.position, character: option })}
            >
              <span className="code">{option === "" ? "–" : option}</span>
              <kbd>{KEYS[index]}</kbd>
            </Button>
          ))}
        </span>
      </div>
      <div className="code small" aria-hidden="true">
        {reading.normalized.slice(0, at)}
        <mark>{reading.normalized.slice(at, at + 1)}</mark>
        {reading.normalized.slice(at + 1)}
      </div>
      <div className="small">{whatItTells(reading, again)}</div>
    </div>
  );
}

/** What the second option would make of the machine. */
function whatItTells(reading: Wire["TagAnswer"], again: Wire["ReadAgainWire"]): string {
  const other = reading.candidates.find((c) => c.model !== again.model);
  const option = again.options[1] ?? "";
  return other === undefined || option === ""
    ? "It tells two machines apart."
    : `${option} would be ${other.model}, ${sentence(other.brand)} ${other.fuel ? fuelName(other.fuel) : other.appliance}.`;
}
