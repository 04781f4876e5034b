import { Button } from "react-bootstrap";
import type { Wire } from "../../shared/api";
import { fuelName, percent, sentence } from "../../shared/format";
import type { Action } from "../casefile/caseState";
import { PlatformCandidates } from "./PlatformCandidates";
import type { Answer } from "../casefile/case";

type Props = { answer: Answer; layouts: Wire["LayoutWire"][]; act: (action: Action) => void };

const years = (model: Wire["ModelWire"]) =>
  model.builtFrom && model.builtTo
    ? `Built ${model.builtFrom.slice(0, 4)} to ${model.builtTo.slice(0, 4)}`
    : "Build years unknown";

/** The model, and the one character of the tag to check. */
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
              Tag location: {[...new Set(layouts.map((l) => l.tag))].slice(0, TAG_PLACES).join(" Or: ")}
            </div>
          )}
        </>
      )}
      {reading?.recheck && !lookFirst(answer) && (
        <RecheckRow reading={reading} again={reading.recheck} act={act} />
      )}
    </section>
  );
}

/** How many tag locations are listed; the most common constructions come first. */
const TAG_PLACES = 3;

/** Only one question is shown at a time: the more informative one. */
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
        <PlatformCandidates
          answer={answer}
          chance={near.length > 0 ? reading.unlisted : null}
          asking={lookFirst(answer) || !reading.recheck}
          act={act}
        />
      )}
      {!unlisted && answer.platform === null && near.length === 0 && (
        <div className="small soft">Not in the catalog, and no model is close. Check the tag.</div>
      )}
    </div>
  );
}

function Nearest({ near, act }: { near: Wire["CandidateWire"][]; act: Props["act"] }) {
  return (
    <>
      <div className="small soft">Several models match. Check the tag, or choose:</div>
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

type RecheckProps = { reading: Wire["TagAnswer"]; again: Wire["RecheckAdvice"]; act: Props["act"] };

const KEYS = ["R", "T"];

function RecheckRow({ reading, again, act }: RecheckProps) {
  const at = again.position - 1;
  const shown = again.options.slice(0, 2);
  return (
    <div className="row-line ask-row">
      <div className="d-flex justify-content-between align-items-center gap-2">
        <span>
          Check character {again.position}:{" "}
          <b>{shown.map((o) => (o === "" ? "nothing" : o)).join(" or ")}?</b>
        </span>
        <span className="d-flex gap-1">
          {shown.map((option, index) => (
            <Button
              key={option}
              variant="quiet"
              size="sm"
              aria-label={`Character ${again.position} is ${option === "" ? "not there" : option}`}
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
      <div className="small">{recheckMeaning(reading, again)}</div>
    </div>
  );
}

/** Which model the second option would mean. */
function recheckMeaning(reading: Wire["TagAnswer"], again: Wire["RecheckAdvice"]): string {
  const other = reading.candidates.find((c) => c.model !== again.model);
  const option = again.options[1] ?? "";
  return other === undefined || option === ""
    ? "It tells two models apart."
    : `With ${option} it is ${other.model}, ${sentence(other.brand)} ${other.fuel ? fuelName(other.fuel) : other.appliance}.`;
}
