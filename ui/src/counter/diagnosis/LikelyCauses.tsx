import { isStopped, StopNotice } from "./StopNotice";
import { type ReactNode, useState } from "react";
import type { Wire } from "../../shared/api";
import type { Mark } from "../../shared/MachineDrawing";
import { leading, marksOf, numbered } from "../../shared/marks";
import type { Stage } from "../../shared/Stages";
import type { Action } from "../casefile/caseState";
import { open } from "../identify/Meanings";
import { NotCovered } from "./NotCovered";
import { NextQuestions } from "./NextQuestions";
import { placesOf, TeardownPlan } from "../teardown/TeardownPlan";
import { MeterPractice } from "./MeterPractice";
import { isFolded, putOff, type Question, type Tried } from "./questions";
import { Suspects } from "./Suspects";
import type { Answer } from "../casefile/case";
import { Why } from "./Why";
import { MachineView } from "./MachineView";
import { byNumberAlone, NumberCard } from "./NumberCard";
import { MeaningPicker } from "../identify/MeaningPicker";

type Props = {
  answer: Answer;
  layout: Wire["LayoutWire"] | null;
  layouts: Wire["LayoutWire"][];
  /** The construction that is drawn: that of the machine or, while it is not known, the likeliest. */
  shown: Wire["LayoutWire"] | null;
  asked: number;
  /** How far the drawing is opened. */
  stage: Stage;
  onStage: (stage: Stage) => void;
  /** Whether the table of reasons is shown. */
  weighing: boolean;
  onWeigh: () => void;
  /** The chosen purchase option, and whether its teardown plan is shown. */
  option: Wire["OfferedWire"] | undefined;
  opening: boolean;
  onOpening: () => void;
  act: (action: Action) => void;
  onSkip: () => void;
  /** Stands there while nothing is known of the machine. */
  empty: ReactNode;
};

/** The machine drawn with its suspected places, the suspects with their reasons, and the next question. */
export function LikelyCauses(props: Props) {
  const { answer, layout, shown, asked, onStage, weighing, onWeigh, act, onSkip } = props;
  const { option, opening, onOpening } = props;
  const isOpen = opening && (option?.steps.length ?? 0) > 0;
  const [tried, setTried] = useState<Tried | null>(null);
  const [practiced, setPracticed] = useState<Question | null>(null);
  const suspects = leading(answer.suspects);
  const toggle = (suspect: Wire["Suspect"]) =>
    act({ kind: "suspect", id: suspect.id, selling: answer.selling.includes(suspect.id) });
  if (isStopped(answer)) {
    return (
      <section aria-label="Likely causes" className="column of-causes">
        <StopNotice answer={answer} />
      </section>
    );
  }
  return (
    <section aria-label="Likely causes" className="column of-causes">
      <div className="column-head">
        <h2>Likely causes</h2>
        <span>{headline(answer, layout)}</span>
      </div>
      {answer.notCovered && <NotCovered appliance={answer.notCovered} />}
      <CodeNote answer={answer} />
      {answer.hearing.doubts.map((doubt) => (
        <div key={doubt.phrase} className="advice sell" role="note">
          “{doubt.phrase}”: {doubt.answer}
        </div>
      ))}
      {byNumberAlone(answer).map((need) => (
        <NumberCard key={need.listed} need={need} />
      ))}
      <Picture {...props} replaced={isOpen ? placesOf(option) : []} />
      {isOpen && option ? (
        <TeardownPlan
          answer={answer}
          option={option}
          layout={shown}
          onStage={onStage}
          act={act}
          onClose={onOpening}
        />
      ) : null}
      {suspects.length > 0 && !isOpen && (
        <Suspects
          suspects={suspects}
          answer={answer}
          tried={tried}
          weighing={weighing}
          onToggle={toggle}
          onWeigh={onWeigh}
          kitted={option?.purchase.spare.map((spare) => spare.part) ?? []}
        />
      )}
      {answer.next.length > 0 && !isOpen && (
        <NextQuestions
          key={answer.next[0]?.finding}
          questions={answer.next}
          asked={putOff(answer, asked)}
          act={act}
          folded={isFolded(answer, asked)}
          onSkip={onSkip}
          onTry={setTried}
          onPractice={setPracticed}
        />
      )}
      {practiced && answer.appliance && (
        <MeterPractice
          appliance={answer.appliance}
          question={practiced}
          onTake={(value) => {
            setPracticed(null);
            act({ kind: "measured", test: practiced.finding, value });
          }}
          onHide={() => setPracticed(null)}
        />
      )}
    </section>
  );
}

/** What the middle shows: meanings to choose from, the reasons, or the machine drawn. */
function Picture(props: Props & { replaced: string[] }) {
  const { answer, layout, layouts, shown, stage, onStage, weighing, act, replaced } = props;
  const [left, setLeft] = useState<string[]>([]);
  const named = open(answer).find((n) => !left.includes(n.phrase));
  const suspects = leading(answer.suspects);
  return named ? (
    <MeaningPicker
      key={named.phrase}
      answer={answer}
      named={named}
      layouts={layout ? [layout] : layouts}
      act={act}
      onLeave={() => setLeft([...left, named.phrase])}
    />
  ) : answer.notCovered || (shown === null && byNumberAlone(answer).length > 0) ? null : shown === null ? (
    answer.appliance ? (
      <NotYetCovered appliance={answer.appliance} />
    ) : (
      props.empty
    )
  ) : weighing && suspects.length > 0 ? (
    <Why suspects={suspects} known={answer.known} act={act} />
  ) : (
    <MachineView
      key={shown.layout}
      answer={answer}
      layout={shown}
      marks={replaced.length > 0 ? numbered(replaced) : openOr(marksOf(suspects, shown), answer)}
      stage={stage}
      onStage={onStage}
      act={act}
    />
  );
}

/** The places of which a request leaves open which is meant; where none does, the given ones. */
function openOr(marks: Map<string, Mark>, answer: Answer): Map<string, Mark> {
  const open = answer.requests.flatMap((request) => request.places.map((place) => place.slot));
  return open.length > 0 ? numbered(open) : marks;
}

/** Of the possible layouts, the most common one that has a place for the first suspect. */
export function likeliest(
  layouts: Wire["LayoutWire"][],
  fuels: string[],
  suspect: Wire["Suspect"] | undefined,
): Wire["LayoutWire"] | undefined {
  const possible = layouts.filter((l) => l.fuels.some((fuel) => fuels.includes(fuel)));
  return possible.find((l) => l.places.some((place) => place.partType === suspect?.partType)) ?? possible[0];
}

function headline(answer: Answer, layout: Wire["LayoutWire"] | null): string {
  const standing = answer.suspects.filter((s) => s.probability >= 0.5).length;
  const where =
    layout === null && answer.appliance ? " · construction not known, drawing the most common" : "";
  if (answer.suspects.length === 0) {
    return "";
  }
  return (
    (standing === 0
      ? "no clear cause yet"
      : standing === 1
        ? "one clear cause"
        : "several faults likely at once") + where
  );
}

function NotYetCovered({ appliance }: { appliance: string }) {
  return (
    <div className="card-plain empty">
      <p className="mb-0">The fault guide does not cover {appliance}s yet. The case can still be saved.</p>
    </div>
  );
}

/** What the code means on this machine, and what to do first. */
function CodeNote({ answer }: { answer: Answer }) {
  const code = answer.hearing.code;
  if (!code) {
    return null;
  }
  const circuit = code.partTypes.map((type) => type.replaceAll("-", " ")).join(", ");
  return (
    <div className="row-line" role="note">
      <b>
        Code {answer.code}: {code.means}.
      </b>{" "}
      {code.words}
      {circuit && ` Its circuit: ${circuit}.`}
    </div>
  );
}
