import { useState, type FormEvent } from "react";
import { Button, Form } from "react-bootstrap";
import { hazardName, many, minutes } from "../../shared/format";
import type { Action } from "../casefile/caseState";
import { inSight, repliesTo, type Question, type Tried } from "./questions";

type Props = {
  questions: Question[];
  asked: number;
  /** Whether the advice is to sell, so that the questions stay out of the way. */
  folded: boolean;
  act: (action: Action) => void;
  onSkip: () => void;
  onTry: (tried: Tried | null) => void;
  /** Opens the meter simulator for the test of a question. */
  onPractice: (question: Question) => void;
};

const WHO: Record<Question["who"], string> = {
  customer: "customer can do it",
  technician: "technician",
  licensed: "licensed technician only",
};

/** The next questions: the first answered by keys, the others by a click. */
export function NextQuestions({ questions, asked, folded, act, onSkip, onTry, onPractice }: Props) {
  const [first, ...others] = inSight(questions, asked);
  if (first === undefined) {
    return null;
  }
  if (folded) {
    return (
      <Button variant="link" size="sm" className="questions folded p-0" onClick={onSkip}>
        {many(1 + others.length, "question")} could still be asked <kbd>N</kbd>
      </Button>
    );
  }
  return (
    <div className="questions">
      <div className="question first" role="group" aria-label="Next question">
        <div className="ask">
          <span>{first.question}</span>
          {others.length > 0 && (
            <Button variant="link" size="sm" className="p-0" onClick={onSkip}>
              Ask another first <kbd>N</kbd>
            </Button>
          )}
        </div>
        <div className="asks">
          <div className="small soft about" title={about(first)}>
            {about(first)}
          </div>
          <Replies question={first} act={act} onTry={onTry} keys />
        </div>
      </div>
      {first.unit && (
        <Reading
          key={first.finding}
          question={first}
          unit={first.unit}
          act={act}
          onPractice={first.unit === "Ω" ? onPractice : undefined}
        />
      )}
      {others.map((question) => (
        <div key={question.finding} className="question small" role="group" aria-label={question.question}>
          <div className="asks" title={about(question)}>
            {question.question}
          </div>
          <Replies question={question} act={act} onTry={onTry} />
        </div>
      ))}
    </div>
  );
}

/** What the question tells apart, how long it takes, who does it and how. */
function about(question: Question): string {
  const told = [...new Set(question.choices.map((c) => c.speaksFor).filter((name) => name))];
  return [
    told.length > 1 ? `tells apart: ${told.join(", ")}` : "",
    minutes(question.minutes),
    WHO[question.who],
    question.opens ? `opens ${question.opens}` : "",
    question.hazards.length > 0
      ? `caution: ${question.hazards.map((h) => hazardName(h).toLowerCase()).join(", ")}`
      : "",
    question.hint ?? "",
  ]
    .filter((text) => text !== "")
    .join(" · ");
}

/** With more replies than this they are set closer. */
const ROOMY = 4;

/** Keys that lead to a reply; focus that a repaint hands on foresees nothing. */
const REACHED_BY = new Set(["Tab", "F6", "ArrowUp", "ArrowDown", "ArrowLeft", "ArrowRight"]);

type RepliesProps = Pick<Props, "act" | "onTry"> & { question: Question; keys?: boolean };

function Replies({ question, act, onTry, keys = false }: RepliesProps) {
  const held = (reply: string) => {
    const choice = question.choices.find((c) => c.answer === reply);
    onTry(choice === undefined || Object.keys(choice.suspects).length === 0 ? null : { question, choice });
  };
  return (
    <div
      className={repliesTo(question).length > ROOMY ? "answers many" : "answers"}
      onMouseLeave={() => onTry(null)}
    >
      {repliesTo(question).map((reply, index) => (
        <Button
          key={reply}
          variant="quiet"
          size={keys ? undefined : "sm"}
          title={question.choices.find((c) => c.answer === reply)?.words ?? "Not known"}
          onMouseEnter={() => held(reply)}
          onMouseMove={() => held(reply)}
          onKeyUp={(event) => REACHED_BY.has(event.key) && held(reply)}
          onBlur={() => onTry(null)}
          onClick={() => {
            onTry(null);
            act({ kind: "answered", finding: question.finding, answer: reply });
          }}
        >
          {reply === "unknown" ? "don’t know" : reply.replaceAll("-", " ")} {keys && <kbd>{index + 1}</kbd>}
        </Button>
      ))}
    </div>
  );
}

type ReadingProps = {
  question: Question;
  unit: string;
  act: Props["act"];
  onPractice: Props["onPractice"] | undefined;
};

/** A meter reading, entered as the meter shows it. */
function Reading({ question, unit, act, onPractice }: ReadingProps) {
  const [shown, setShown] = useState("");
  const open = /^ol$/i.test(shown.trim());
  const figure = Number(shown.replace(",", "."));
  const readable = open || (shown.trim() !== "" && Number.isFinite(figure) && figure >= 0);
  const put = (event: FormEvent) => {
    event.preventDefault();
    if (readable) {
      act({ kind: "measured", test: question.finding, value: open ? "OL" : figure });
    }
  };
  return (
    <Form className="reading-entry small" onSubmit={put}>
      <Form.Label htmlFor="reading" className="m-0">
        Meter reading
      </Form.Label>
      <Form.Control
        id="reading"
        size="sm"
        autoComplete="off"
        placeholder="number or OL"
        isInvalid={shown !== "" && !readable}
        value={shown}
        onChange={(event) => setShown(event.target.value)}
      />
      <span>{unit}</span>
      <Button type="submit" variant="quiet" size="sm" disabled={!readable}>
        Use reading
      </Button>
      {onPractice && (
        <Button variant="link" size="sm" className="p-0" onClick={() => onPractice(question)}>
          Practice
        </Button>
      )}
    </Form>
  );
}
