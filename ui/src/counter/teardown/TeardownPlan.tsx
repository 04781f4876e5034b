import { useState } from "react";
import { Button } from "react-bootstrap";
import type { Wire } from "../../shared/api";
import { minutes } from "../../shared/format";
import type { Stage } from "../../shared/Stages";
import type { Action } from "../casefile/caseState";
import { AccessibleParts } from "./AccessibleParts";
import type { Answer } from "../casefile/case";

type Step = Wire["WorkLine"];
type Props = {
  answer: Answer;
  option: Wire["OfferedWire"];
  layout: Wire["LayoutWire"] | null;
  onStage: (stage: Stage) => void;
  act: (action: Action) => void;
  onClose: () => void;
};

/** The steps of the repair, shared ones once, with the tools; the drawing opens as steps are checked off. */
export function TeardownPlan({ answer, option, layout, onStage, act, onClose }: Props) {
  const [ticked, setTicked] = useState<string[]>([]);
  const [at, setAt] = useState(0);
  const steps = option.steps;
  const places = placesOf(option);
  const step = steps[Math.min(at, steps.length - 1)];
  const tick = (index: number) => {
    const done = steps[index];
    if (done === undefined) {
      return;
    }
    const isDone = ticked.includes(keyOf(done));
    setTicked(isDone ? ticked.filter((key) => key !== keyOf(done)) : [...ticked, keyOf(done)]);
    setAt(isDone ? index : Math.min(index + 1, steps.length - 1));
    const layer = layout?.places.find((place) => done.reaches.includes(place.slot))?.layer;
    if (!isDone && layer !== undefined) {
      onStage({ kind: "layer", layer });
    }
  };
  return (
    <section className="card-plain opening" aria-label="Teardown plan">
      <div className="opening-head">
        <b>
          {minutes(option.minutes ?? 0)} ± {Math.round(option.spreadMinutes ?? 0)}
        </b>
        <span className="small soft">
          {[option.effort, option.persons > 1 ? `${option.persons} people` : ""].filter(Boolean).join(" · ")}
        </span>
        <Button variant="link" size="sm" onClick={onClose}>
          Back to causes
        </Button>
        <kbd>D</kbd>
      </div>
      <p className="small mb-0">
        <b>Tools:</b> {option.tools.length > 0 ? option.tools.join("; ") : "none"}
      </p>
      <div className="details">
        {steps.map((one) => (
          <Detail key={keyOf(one)} step={one} shown={one === step} />
        ))}
      </div>
      <ol className="ribbon" aria-label="Steps">
        {steps.map((one, index) => (
          <li key={keyOf(one)}>
            <button
              type="button"
              className={ticked.includes(keyOf(one)) ? "ticked" : one.kind}
              aria-pressed={ticked.includes(keyOf(one))}
              onClick={() => tick(index)}
              onFocus={() => setAt(index)}
              onMouseEnter={() => setAt(index)}
            >
              <span>
                {ticked.includes(keyOf(one)) ? "☑" : "☐"}{" "}
                {one.kind === "replace" && places.length > 1 && <b>{places.indexOf(one.id) + 1} </b>}
                {one.step}
              </span>
              <span className="soft">
                {minutes(one.minutes)}
                {places.length > 1 && ` · ${servedBy(one, places)}`}
              </span>
            </button>
          </li>
        ))}
      </ol>
      {option.looks.length > 0 && <Looks looks={option.looks} act={act} />}
      <AccessibleParts worked={answer} slots={places} />
    </section>
  );
}

/** The places whose parts are replaced, in the order of the steps. */
export const placesOf = (option: Wire["OfferedWire"] | undefined): string[] =>
  (option?.steps ?? []).filter((step) => step.kind === "replace").map((step) => step.id);

/** Which of the replacements a step is for. */
const servedBy = (step: Step, places: string[]): string =>
  step.serves.length === places.length
    ? "for all parts"
    : `for part ${step.serves.map((slot) => places.indexOf(slot) + 1).join(", ")}`;

const keyOf = (step: Step): string => `${step.kind} ${step.id}`;

function Detail({ step, shown }: { step: Step; shown: boolean }) {
  const said = [
    step.advice,
    step.note && `Note: ${step.note}`,
    ...step.hardware.map((h) => `${h.count} × ${h.what}, ${h.fate}.`),
    step.check && `When closing: ${step.check}`,
  ].filter(Boolean);
  return (
    <p className={`small detail${shown ? " shown" : ""}`} role="status">
      <b>{step.step}.</b> {said.join(" ")}
    </p>
  );
}

/** What the technician sees along the way can be added to the case. */
function Looks({ looks, act }: { looks: Wire["LookingWire"][]; act: Props["act"] }) {
  return (
    <ul className="looks small" aria-label="Check along the way">
      {looks.map((look) => (
        <li key={look.finding}>
          <span>{look.words}</span>
          {look.answers.map((a) => (
            <Button
              key={a.answer}
              variant="quiet"
              size="sm"
              className="take"
              onClick={() => act({ kind: "answered", finding: look.finding, answer: a.answer })}
            >
              {a.answer}
            </Button>
          ))}
        </li>
      ))}
    </ul>
  );
}
