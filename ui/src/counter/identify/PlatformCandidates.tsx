import { Button } from "react-bootstrap";
import type { Wire } from "../../shared/api";
import { percent } from "../../shared/format";
import type { Action } from "../casefile/caseState";
import type { Answer } from "../casefile/case";

type Props = {
  answer: Answer;
  /** Probability that it is not in the catalog, where it may still be one of the models above. */
  chance: number | null;
  /** Whether the distinguishing question is the one to ask now. */
  asking: boolean;
  act: (action: Action) => void;
};

/**
 * A model that is not in the catalog: its likely platforms, and the question that tells them apart. Fuel is asked among
 * the known facts, where the answer counts for everything else too.
 */
export function PlatformCandidates({ answer, chance, asking, act }: Props) {
  if (answer.platform) {
    return <div className="small soft">Not in the catalog; using platform {answer.platform}.</div>;
  }
  return (
    <>
      <div className="small soft mt-1">
        {chance === null
          ? "Not in the catalog; likely platform:"
          : `Or not in the catalog (${percent(chance)}); likely platform:`}
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

function Looking({ look, act }: { look: Wire["DistinguishingQuestion"]; act: Props["act"] }) {
  return (
    <div className="looking">
      <div>{look.question}</div>
      <div className="d-flex flex-wrap gap-1 mt-1">
        {look.answers.map((reply) => (
          <Button
            key={reply.key}
            variant="quiet"
            size="sm"
            onClick={() => act({ kind: "inspected", key: reply.key })}
          >
            {reply.words}
          </Button>
        ))}
      </div>
    </div>
  );
}
