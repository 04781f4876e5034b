import { Button } from "react-bootstrap";
import { Link } from "react-router";
import type { Wire } from "../shared/api";
import { many, money } from "../shared/format";
import { placed, type Spot, stepWords } from "./supersessionGraph";
import { statusWord } from "./words";
import { PartLink } from "../shared/NumberLink";
import { partPage } from "../shared/routes";

const NODE = { width: 170, height: 46 };
const GAP = { x: 138, y: 26 };
const EDGE = 20;

const left = (spot: Spot): number => spot.column * (NODE.width + GAP.x);
const top = (spot: Spot): number => GAP.y + spot.row * (NODE.height + GAP.y);

type Props = { succession: Wire["SuccessionWire"]; onBeside: (part: string) => void };

/** The supersession chain of a part, drawn from the oldest to the current number. */
export function Supersession({ succession, onBeside }: Props) {
  const { part, parts, steps, today, alternatives } = succession;
  const { spots, columns, rows } = placed(part, steps);
  const supplied = new Set(today.supply.map((item) => item.part));
  return (
    <section className="card-plain mt-3" aria-label="Supersession">
      <span className="bin-tab">Supersession</span>
      <div className="row-line" role="status">
        <Today succession={succession} />
        {alternatives.length > 0 && (
          <span className="small soft"> Or {many(alternatives.length, "other choice")}: see below.</span>
        )}
      </div>
      {steps.length > 0 && (
        <div
          className="succession"
          tabIndex={0}
          role="group"
          aria-label="Supersession, drawn from left to right"
        >
          <div
            className="succession-graph"
            style={{
              width: columns * (NODE.width + GAP.x) - GAP.x + 4,
              height: rows * (NODE.height + GAP.y) + GAP.y,
            }}
          >
            <Edges steps={steps} spots={spots} />
            {parts.map((line) => {
              const spot = spots.get(line.part);
              return (
                spot && (
                  <Node
                    key={line.part}
                    line={line}
                    spot={spot}
                    asked={line.part === part}
                    today={supplied.has(line.part)}
                    onBeside={line.part === part ? undefined : () => onBeside(line.part)}
                  />
                )
              );
            })}
          </div>
        </div>
      )}
    </section>
  );
}

function Today({ succession }: { succession: Wire["SuccessionWire"] }) {
  const { part, today, parts, steps } = succession;
  const itself = parts.find((line) => line.part === part);
  if (steps.every((step) => step.oldPart !== part)) {
    return itself?.status === "discontinued" ? (
      <>
        <b className="change">Discontinued, no replacement.</b> Alternatives are listed below.
      </>
    ) : (
      <>
        <b>Current part number.</b> {steps.length === 0 ? "It supersedes no other." : ""}
      </>
    );
  }
  return (
    <>
      <b>Current number: </b>
      {today.supply.map((item, index) => (
        <span key={item.part}>
          {index > 0 ? " with " : ""}
          {item.quantity > 1 ? `${item.quantity} × ` : ""}
          <PartLink part={item.part} />
        </span>
      ))}
      {today.changes.length === 0 ? (
        ", drop-in."
      ) : (
        <span className="change">: {today.changes.join("; ")}.</span>
      )}
    </>
  );
}

type EdgesProps = { steps: Wire["Supersession"][]; spots: Map<string, Spot> };

function Edges({ steps, spots }: EdgesProps) {
  const drawn = steps.flatMap((step) => {
    const from = spots.get(step.oldPart);
    const to = spots.get(step.newPart);
    return from && to ? [{ step, from, to }] : [];
  });
  return (
    <>
      <svg aria-hidden="true">
        {drawn.map(({ step, from, to }) => {
          const x = left(from) + NODE.width;
          const end = left(to);
          const y = top(to) + NODE.height / 2;
          return (
            <g
              key={`${step.oldPart} ${step.choice} ${step.newPart}`}
              className={step.change === "" ? "" : "changed"}
            >
              <polyline
                points={`${x},${top(from) + NODE.height / 2} ${x + EDGE},${top(from) + NODE.height / 2} ${x + EDGE},${y} ${end - 2},${y}`}
              />
              <polygon points={`${end},${y} ${end - 8},${y - 4} ${end - 8},${y + 4}`} />
            </g>
          );
        })}
      </svg>
      {drawn.map(({ step, from, to }) => (
        <div
          key={`${step.oldPart} ${step.choice} ${step.newPart}`}
          className={step.change === "" ? "step-words" : "step-words change"}
          style={{
            left: left(from) + NODE.width + EDGE + 4,
            width: GAP.x - EDGE - 12,
            bottom: `calc(100% - ${top(to) + NODE.height / 2 - 1}px)`,
          }}
        >
          {stepWords(step, steps).join(", ")}
        </div>
      ))}
    </>
  );
}

type NodeProps = {
  line: Wire["PartListing"];
  spot: Spot;
  asked: boolean;
  today: boolean;
  onBeside: (() => void) | undefined;
};

function Node({ line, spot, asked, today, onBeside }: NodeProps) {
  const kind = `${line.status}${asked ? " asked" : ""}`;
  return (
    <div className={`succession-node ${kind}`} style={{ left: left(spot), top: top(spot), ...NODE }}>
      <Link className="code" to={partPage(line.part)} aria-current={asked ? "true" : undefined}>
        {line.part}
      </Link>
      {onBeside && (
        <Button variant="link" className="beside" aria-label={`Compare with ${line.part}`} onClick={onBeside}>
          ⇄
        </Button>
      )}
      <div className="small">
        {today ? <b>current </b> : null}
        {line.price ? money(line.price) : statusWord(line.status)}
        {line.onHand > 0 ? ` · ${line.onHand} in stock` : ""}
      </div>
    </div>
  );
}
