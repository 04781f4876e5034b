import { Button } from "react-bootstrap";
import { leading } from "../shared/marks";
import type { Answer } from "./casefile/case";

export type Step = "known" | "causes" | "bag";

const NAMES: [Step, string][] = [
  ["known", "Known"],
  ["causes", "Causes"],
  ["bag", "Bag"],
];

type Props = { answer: Answer; lines: number; at: Step; onStep: (step: Step) => void };

/** Where there is no room for three columns beside each other, one of them is shown, as chosen here. */
export function StepBar({ answer, lines, at, onStep }: Props) {
  const counts = { known: answer.known.length, causes: leading(answer.suspects).length, bag: lines };
  return (
    <div className="step-bar" role="group" aria-label="Steps of the call">
      {NAMES.map(([step, name]) => (
        <Button key={step} variant="quiet" size="sm" aria-pressed={step === at} onClick={() => onStep(step)}>
          {name} {counts[step] > 0 && <span className="small soft">{counts[step]}</span>}
        </Button>
      ))}
    </div>
  );
}
