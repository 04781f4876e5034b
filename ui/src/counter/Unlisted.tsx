import { Button } from "react-bootstrap";
import type { Wire } from "../shared/api";
import { percent } from "../shared/format";
import type { Action } from "./caseState";
import type { Answer } from "./useCounter";

type Props = {
  answer: Answer;
  /** That it is in no list, where it may still be one of those above. */
  chance: number | null;
  /** Whether what to look at is the question at hand. */
  asking: boolean;
  act: (action: Action) => void;
};

/**
 * A machine in no list: the constructions its number speaks for, and what to look at to tell them apart. What heats it
 * is asked among the evidence, where the answer counts for all else too.
 */
export function Unlisted({ answer, chance, asking, act }: Props) {
  if (answer.platform) {
    return (
      <div className="small soft">In no list. The case goes on with the construction {answer.platform}.</div>
    );
  }
  return (
    <>
      <div className="small soft mt-1">
        {chance === null
          ? "In no list. By its number it is built like:"
          : `Or in no list (${percent(chance)}); by its number then built like:`}
      </div>
      {answer.constructions.slice(0, chance === null ? 3 : 2).map((construction) => (
        <Button
          key={construction.platform}
          variant="quiet"
          className="w-100 justify-content-between mt-1 text-start"
          title={construction.layout}
          onClick={() => act({ kind: "platform", platform: construction.platform })}
        >
          <span>
            <b>{construction.platform}</b> <span className="small soft">{construction.appliance}</span>
          </span>
          <span className="small">{percent(construction.probability * (chance ?? 1))}</span>
        </Button>
      ))}
      {asking && answer.look && !answer.look.answers.some((a) => a.key.startsWith("fuel:")) && (
        <Looking look={answer.look} act={act} />
      )}
    </>
  );
}

function Looking({ look, act }: { look: Wire["LookWire"]; act: Props["act"] }) {
  return (
    <div className="looking">
      <div>{look.question}</div>
      <div className="d-flex flex-wrap gap-1 mt-1">
        {look.answers.map((reply) => (
          <Button
            key={reply.key}
            variant="quiet"
            size="sm"
            onClick={() => act({ kind: "looked", key: reply.key })}
          >
            {reply.words}
          </Button>
        ))}
      </div>
    </div>
  );
}
