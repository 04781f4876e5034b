import { Button } from "react-bootstrap";
import type { Wire } from "../../shared/api";
import { many, money } from "../../shared/format";
import { PartLink } from "../../shared/NumberLink";
import type { Action } from "../casefile/caseState";
import { dragged, onRowKeys } from "./partRows";
import type { Answer } from "../casefile/case";
import { FitVerdict } from "./FitVerdict";

/** Only a part requested by number is replaced in the line. */
export function taking(needs: Wire["NeededWire"][], onInstead: Instead) {
  const asked = needs.find((need) => need.slots.length === 0)?.listed;
  return asked === undefined ? undefined : (part: string) => onInstead(asked, part);
}

type Instead = (asked: string, part: string) => void;

type LineProps = {
  answer: Answer;
  act: (action: Action) => void;
  branch: string | null;
  /** Whether the reasons of its fit verdict are shown. */
  why: boolean;
  onInstead: Instead;
  line: Wire["PurchaseLine"];
  /** The result of reserving it. */
  outcome: Wire["OutcomeWire"] | undefined;
};

const leftOut = (parts: string[]): Action => ({
  kind: "adjusted",
  parts: [...new Set(parts)],
  change: { quantity: 0, needed: false },
});

/** A line of the bag: its fit follows from the required parts it covers; a kit includes its contents. */
export function BagLine({ line, answer, outcome, act, branch, why, onInstead }: LineProps) {
  const part = answer.parts.find((p) => p.part === line.part);
  const needs = answer.needs.filter((need) => line.covers.some((c) => c.part === need.supplied));
  const listed = needs.map((need) => need.listed).filter((number) => number !== line.part);
  const notes = [
    listed.length > 0 && line.covers.length === 1 ? `for ${[...new Set(listed)].join(", ")}` : "",
    part && !part.genuine ? `${part.maker}, same spec` : "",
    part ? stockWords(part, branch) : "",
    part && !part.returnable ? "not returnable" : "",
  ].filter((word) => word !== "");
  const brings = line.covers.some((c) => c.part === line.part)
    ? line.covers.filter((c) => c.part !== line.part).map((c) => c.part)
    : [];
  const because = [...new Set(needs.map(reason))].join(" ");
  const symptoms = [
    ...new Set(
      answer.requests
        .filter(
          (request) => request.status === "in-bag" && needs.some((n) => n.partType === request.partType),
        )
        .flatMap((request) => request.symptoms ?? []),
    ),
  ].join(" ");
  const wants = answer.wants.filter((want) => line.covers.some((c) => c.part === want.supplied));
  const only = line.covers.length === 1 && needs.length === 1 ? needs[0] : undefined;
  const count = (by: number) =>
    only?.supplied && act({ kind: "counted", part: only.supplied, by, from: only.quantity });
  const more = () => count(1);
  const less = () => count(-1);
  const out = () => act(leftOut([...needs, ...wants].flatMap((of) => of.supplied ?? [])));
  return (
    <div
      className="row-line bag-line"
      data-row
      tabIndex={0}
      role="group"
      aria-label={`${line.quantity} of ${line.part}`}
      {...dragged(line.covers[0]?.part ?? line.part)}
      onKeyDown={onRowKeys({ "+": more, "-": less, Delete: out })}
    >
      <div className="d-flex justify-content-between gap-2">
        <span>
          {line.quantity > 1 && <b>{line.quantity} × </b>}
          <PartLink part={line.part} /> {part?.name}
        </span>
        <span className="numeric">
          {line.quantity > 1 && <span className="small soft fw-normal">at {money(line.unitPrice)} </span>}
          {money(line.price)}
          <Stepper
            part={line.part}
            onMore={only ? more : undefined}
            onLess={only && only.quantity > 1 ? less : undefined}
            onOut={out}
          />
        </span>
      </div>
      {needs.length > 0 ? (
        <FitVerdict needs={needs} why={why} onTake={taking(needs, onInstead)} notes={notes.join(" · ")} />
      ) : (
        <div className="small soft">{["While it is open", ...notes].join(" · ")}</div>
      )}
      {outcome && (
        <div className={`small outcome ${outcome.state}`} role="status">
          {outcome.said}
        </div>
      )}
      {brings.length > 0 && (
        <div className="small">
          <b>Includes {brings.join(", ")}</b>; do not sell it separately.
        </div>
      )}
      {because && <div className="small soft">{because}</div>}
      {symptoms && <div className="small">{symptoms}</div>}
      {answer.priceOnly && part && <Branches part={part} />}
    </div>
  );
}

/** Stock and lead time at each branch, for a caller who only asks. */
function Branches({ part }: { part: Wire["PartListing"] }) {
  return (
    <table className="small branches" aria-label={`Stock of ${part.part} by branch`}>
      <thead>
        <tr>
          <th scope="col">Branch</th>
          <th scope="col" className="numeric">
            In stock
          </th>
          <th scope="col" className="numeric">
            More in
          </th>
        </tr>
      </thead>
      <tbody>
        {part.stock.map((stock) => (
          <tr key={stock.branch}>
            <td>{stock.branch}</td>
            <td className="numeric">{stock.onHand}</td>
            <td className="numeric">{many(stock.leadDays, "day")}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

const SOURCES: Record<Wire["NeededWire"]["source"], string> = {
  requested: "",
  symptoms: "By the symptoms: ",
  "goes-with": "Goes with it: ",
  "while-open": "While it is open: ",
};

/** Where a required part comes from, and why. */
function reason(need: Wire["NeededWire"]): string {
  const why = need.source === "requested" ? need.why.charAt(0).toUpperCase() + need.why.slice(1) : need.why;
  return SOURCES[need.source] + why;
}

/** Stock at the chosen branch, or at any. */
function stockWords(part: Wire["PartListing"], branch: string | null): string {
  const here = part.stock.find((s) => s.branch === branch)?.onHand ?? 0;
  if (branch === null || here === part.onHand) {
    return part.onHand > 0 ? `${part.onHand} in stock` : "not in stock";
  }
  return here > 0 ? `${here} at ${branch}` : `none at ${branch}, ${part.onHand} elsewhere`;
}

type StepperProps = {
  part: string;
  onMore: (() => void) | undefined;
  onLess: (() => void) | undefined;
  onOut: () => void;
};

/** More, fewer or none of a line. */
function Stepper({ part, onMore, onLess, onOut }: StepperProps) {
  return (
    <span className="stepper">
      {onMore && (
        <>
          <Button
            variant="link"
            className="btn-strike"
            aria-label={`One less of ${part}`}
            disabled={!onLess}
            onClick={onLess}
          >
            −
          </Button>
          <Button variant="link" className="btn-strike" aria-label={`One more of ${part}`} onClick={onMore}>
            +
          </Button>
        </>
      )}
      <Button variant="link" className="btn-strike" aria-label={`Remove ${part}`} onClick={onOut}>
        ×
      </Button>
    </span>
  );
}
