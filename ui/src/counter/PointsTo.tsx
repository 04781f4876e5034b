import { useState } from "react";
import type { Wire } from "../shared/api";
import { leading, marksOf } from "../shared/marks";
import type { Stage } from "../shared/Stages";
import type { Action } from "./caseState";
import { open } from "./Meanings";
import { NextQuestions } from "./NextQuestions";
import { Opening } from "./Opening";
import { Practice } from "./Practice";
import type { Question, Tried } from "./questions";
import { Suspects } from "./Suspects";
import type { Answer } from "./useCounter";
import { Weights } from "./Weights";
import { Where } from "./Where";
import { WhichOfThese } from "./WhichOfThese";

type Props = {
  answer: Answer;
  layout: Wire["LayoutWire"] | null;
  layouts: Wire["LayoutWire"][];
  /** The one that is drawn: that of the machine or, while it is not known, the likeliest. */
  shown: Wire["LayoutWire"] | null;
  asked: number;
  /** How far the drawing is opened up. */
  stage: Stage;
  onStage: (stage: Stage) => void;
  /** Whether it is shown how each piece of evidence moved the suspects. */
  weighing: boolean;
  onWeigh: () => void;
  /** The way to buy that was chosen, and whether it is shown what fitting it takes. */
  option: Wire["OfferedWire"] | undefined;
  opening: boolean;
  onOpening: () => void;
  act: (action: Action) => void;
  onPutOff: () => void;
};

/** Where the signs point: the machine drawn, the suspects with their reasons, the next question. */
export function PointsTo(props: Props) {
  const { answer, layout, layouts, shown, asked, stage, onStage, weighing, onWeigh, act, onPutOff } = props;
  const { option, opening, onOpening } = props;
  const isOpen = opening && (option?.steps.length ?? 0) > 0;
  const [tried, setTried] = useState<Tried | null>(null);
  const [practised, setPractised] = useState<Question | null>(null);
  const [left, setLeft] = useState<string[]>([]);
  const named = open(answer).find((n) => !left.includes(n.phrase));
  const suspects = leading(answer.suspects);
  const toggle = (suspect: Wire["SuspectWire"]) =>
    act({ kind: "suspect", id: suspect.id, selling: answer.selling.includes(suspect.id) });
  return (
    <section aria-label="Points to" className="column">
      <div className="column-head">
        <h2>Points to</h2>
        <span>{headline(answer, layout)}</span>
      </div>
      {answer.hearing.doubts.map((doubt) => (
        <div key={doubt.phrase} className="advice sell" role="note">
          “{doubt.phrase}”: {doubt.answer}
        </div>
      ))}
      {named ? (
        <WhichOfThese
          key={named.phrase}
          answer={answer}
          named={named}
          layouts={layout ? [layout] : layouts}
          act={act}
          onLeave={() => setLeft([...left, named.phrase])}
        />
      ) : shown === null ? (
        <Nothing appliance={answer.appliance ?? null} />
      ) : weighing && suspects.length > 0 ? (
        <Weights suspects={suspects} known={answer.known} act={act} />
      ) : (
        <Where
          key={shown.layout}
          answer={answer}
          layout={shown}
          marks={marksOf(suspects, shown)}
          stage={stage}
          onStage={onStage}
          act={act}
        />
      )}
      {isOpen && option ? (
        <Opening
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
        />
      )}
      {answer.next.length > 0 && !isOpen && (
        <NextQuestions
          key={answer.next[0]?.finding}
          questions={answer.next}
          asked={asked}
          act={act}
          onPutOff={onPutOff}
          onTry={setTried}
          onPractise={setPractised}
        />
      )}
      {practised && answer.appliance && (
        <Practice
          appliance={answer.appliance}
          question={practised}
          onTake={(value) => {
            setPractised(null);
            act({ kind: "measured", test: practised.finding, value });
          }}
          onHide={() => setPractised(null)}
        />
      )}
    </section>
  );
}

/** Of the layouts that may be, the commonest that has a place for the foremost suspect. */
export function likeliest(
  layouts: Wire["LayoutWire"][],
  fuels: string[],
  suspect: Wire["SuspectWire"] | undefined,
): Wire["LayoutWire"] | undefined {
  const possible = layouts.filter((l) => l.fuels.some((fuel) => fuels.includes(fuel)));
  return possible.find((l) => l.places.some((place) => place.partType === suspect?.partType)) ?? possible[0];
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
