import { Button } from "react-bootstrap";
import type { Wire } from "../shared/api";
import { minutes, percent, sentence } from "../shared/format";
import { MachineDrawing } from "../shared/MachineDrawing";
import { leading, marksOf } from "../shared/marks";
import type { Action } from "./caseState";
import { atHand, repliesTo } from "./questions";
import type { Answer } from "./useCounter";

type Props = {
  answer: Answer;
  layout: Wire["LayoutWire"] | null;
  layouts: Wire["LayoutWire"][];
  asked: number;
  act: (action: Action) => void;
  onPutOff: () => void;
};

/** Where the signs point: the machine drawn, the suspects with their reasons, the next question. */
export function PointsTo({ answer, layout, layouts, asked, act, onPutOff }: Props) {
  const suspects = leading(answer.suspects);
  const shown = layout ?? layouts[0] ?? null;
  const toggle = (suspect: Wire["SuspectWire"]) =>
    act({ kind: "suspect", id: suspect.id, selling: answer.selling.includes(suspect.id) });
  const pick = (place: Wire["PlaceWire"]) => {
    const inPlace = answer.suspects.find(
      (s) => s.partType === place.partType && (!s.slot || s.slot === place.slot),
    );
    if (inPlace !== undefined) {
      toggle(inPlace);
    }
  };
  return (
    <section aria-label="Points to" className="column">
      <div className="column-head">
        <h2>Points to</h2>
        <span>{headline(answer, layout)}</span>
      </div>
      {shown === null ? (
        <Nothing appliance={answer.appliance ?? null} />
      ) : (
        <div className="card-plain drawing">
          <MachineDrawing
            layout={shown}
            fuels={answer.fuels}
            marks={marksOf(suspects, shown)}
            onPick={pick}
          />
        </div>
      )}
      {suspects.length > 0 && <Suspects suspects={suspects} answer={answer} onToggle={toggle} />}
      {answer.next.length > 0 && (
        <NextQuestion questions={answer.next} asked={asked} act={act} onPutOff={onPutOff} />
      )}
    </section>
  );
}

function headline(answer: Answer, layout: Wire["LayoutWire"] | null): string {
  const standing = answer.suspects.filter((s) => s.probability >= 0.5).length;
  const where = layout === null && answer.appliance ? " · layout not known, the commonest is drawn" : "";
  if (answer.suspects.length === 0) {
    return "";
  }
  return (
    (standing === 0
      ? "nothing stands out yet"
      : standing === 1
        ? "one fault stands out"
        : "several faults stand together") + where
  );
}

function Nothing({ appliance }: { appliance: string | null }) {
  return (
    <div className="card-plain empty">
      {appliance === null ? (
        <>
          <p>Type what the caller says into the line above; everything else follows from it.</p>
          <p className="soft mb-0">
            A model as far as it can be read, what the machine does or does not do, how old it is, gas or
            electric: in any order.
          </p>
        </>
      ) : (
        <p className="mb-0">There is no knowledge of the {appliance} yet. The case can still be kept.</p>
      )}
    </div>
  );
}

type SuspectsProps = {
  suspects: Wire["SuspectWire"][];
  answer: Answer;
  onToggle: (suspect: Wire["SuspectWire"]) => void;
};

function Suspects({ suspects, answer, onToggle }: SuspectsProps) {
  return (
    <ol className="suspects" aria-label="Suspects">
      {suspects.map((suspect, index) => {
        const sold = answer.selling.includes(suspect.id);
        const inBag = answer.needs.some((need) => need.partType === suspect.partType);
        return (
          <li key={suspect.id}>
            <button
              type="button"
              aria-pressed={sold}
              title={sold ? "Leave it out of the bag" : "Sell for it"}
              onClick={() => onToggle(suspect)}
            >
              <span className="rank">{index + 1}</span>
              <span className="who">
                {suspect.name}
                <span className="why small soft" title={reasons(suspect)}>
                  {reasons(suspect)}
                </span>
              </span>
              <span className="track" aria-hidden="true">
                <svg viewBox="0 0 100 10" preserveAspectRatio="none">
                  <rect
                    width={100 * suspect.probability}
                    height="10"
                    className={index === 0 ? "bar first" : "bar"}
                  />
                </svg>
              </span>
              <span className="numeric">{percent(suspect.probability)}</span>
              <span className={inBag ? "sold yes" : "sold"}>
                {inBag ? "in bag" : sold ? "wanted" : "leave"}
              </span>
            </button>
          </li>
        );
      })}
    </ol>
  );
}

/** What speaks for a suspect, then what against, strongest first. */
function reasons(suspect: Wire["SuspectWire"]): string {
  const words = (sign: number) =>
    suspect.because
      .filter((r) => Math.sign(r.weight) === sign)
      .slice(0, 2)
      .map((r) => r.words.toLowerCase());
  const against = words(-1);
  const behind = words(1);
  return [
    behind.length > 0 ? `for: ${behind.join(", ")}` : "",
    against.length > 0 ? `against: ${against.join(", ")}` : "",
  ]
    .filter((text) => text !== "")
    .join(" · ");
}

const WHO: Record<string, string> = {
  customer: "the caller can do it",
  fitter: "the fitter does it",
  licensed: "licensed person only",
};

type QuestionProps = {
  questions: Wire["QuestionWire"][];
  asked: number;
  act: (action: Action) => void;
  onPutOff: () => void;
};

function NextQuestion({ questions, asked, act, onPutOff }: QuestionProps) {
  const question = atHand(questions, asked);
  if (question === undefined) {
    return null;
  }
  const then = questions.filter((q) => q !== question).slice(0, 2);
  return (
    <>
      <div className="question" role="group" aria-label="Next question">
        <div>
          <div className="ask">{question.question}</div>
          <div className="small soft">
            {question.tells ? `tells the ${question.tells.first} from the ${question.tells.second}, ` : ""}
            {minutes(question.minutes)}, {WHO[question.who]}
          </div>
        </div>
        <div className="answers">
          {repliesTo(question).map((answer, index) => (
            <Button
              key={answer}
              variant="quiet"
              onClick={() => act({ kind: "answered", finding: question.finding, answer })}
            >
              {answer === "unknown" ? "don’t know" : answer} <kbd>{index + 1}</kbd>
            </Button>
          ))}
        </div>
      </div>
      {then.length > 0 && (
        <div className="small soft then">
          <span>Then: {then.map((q) => sentence(q.question)).join(" · ")}</span>
          <Button variant="link" size="sm" className="p-0" onClick={onPutOff}>
            Another first <kbd>N</kbd>
          </Button>
        </div>
      )}
    </>
  );
}
