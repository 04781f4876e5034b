import { Button } from "react-bootstrap";
import { AmountField } from "../shared/AmountField";
import type { Wire } from "../shared/api";
import { many, percent } from "../shared/format";
import { PartLink } from "../shared/NumberLink";
import type { Action } from "./caseState";
import { dragged, dropping, onRowKeys } from "./rows";
import type { Answer } from "./useCounter";
import { covers } from "./ways";

type Want = Wire["WantedWire"];
type Props = {
  answer: Answer;
  chosen: Wire["PurchaseWire"] | undefined;
  act: (action: Action) => void;
  years: number;
};

const SOURCES: Record<string, string> = {
  asked: "Asked for",
  job: "The job may need",
  "while-open": "While it is open",
};

/** What would be nice to have, why, and up to which price; what was left out. */
export function Besides({ answer, chosen, act, years }: Props) {
  const wants = answer.wants.filter((want) => want.quantity > 0);
  const left = [
    ...answer.wants.filter((want) => want.quantity === 0).map((want) => want.supplied),
    ...answer.needs.filter((need) => need.quantity === 0).map((need) => need.supplied ?? need.listed),
  ];
  if (wants.length === 0 && left.length === 0) {
    return null;
  }
  return (
    <div
      className="besides"
      {...dropping((part) => act({ kind: "adjusted", part, change: { quantity: 0, needed: false } }))}
    >
      {Object.entries(SOURCES).map(([source, words]) => {
        const of = wants.filter((want) => want.source === source);
        return of.length === 0 ? null : (
          <section key={source} aria-label={words}>
            <h3 className="small soft">{words}</h3>
            {of.map((want) => (
              <WantRow
                key={want.supplied}
                want={want}
                answer={answer}
                isIn={covers(chosen, want)}
                act={act}
                years={years}
              />
            ))}
          </section>
        );
      })}
      {left.length > 0 && (
        <section aria-label="Left out">
          <h3 className="small soft">Left out</h3>
          {left.map((part) => (
            <div key={part} className="want">
              <PartLink part={part} /> {answer.parts.find((p) => p.part === part)?.name}
              <Button
                variant="quiet"
                size="sm"
                className="take"
                onClick={() => act({ kind: "unadjusted", part })}
              >
                Put back
              </Button>
            </div>
          ))}
        </section>
      )}
    </div>
  );
}

type RowProps = { want: Want; answer: Answer; isIn: boolean; act: Props["act"]; years: number };

function WantRow({ want, answer, isIn, act, years }: RowProps) {
  const part = answer.parts.find((p) => p.part === want.supplied);
  const putIn = () => act({ kind: "adjusted", part: want.supplied, change: { needed: true } });
  const leave = () => act({ kind: "adjusted", part: want.supplied, change: { quantity: 0 } });
  return (
    <div
      className="want"
      data-row
      tabIndex={0}
      role="group"
      aria-label={`${part?.name ?? want.partType} ${want.supplied}`}
      {...dragged(want.supplied)}
      onKeyDown={onRowKeys({ Enter: putIn, "+": putIn, Delete: leave, "-": leave })}
    >
      <span className={isIn ? "inside yes" : "inside"}>{isIn ? "✓ in" : "○"}</span>
      <span>
        {want.quantity > 1 && `${want.quantity} × `}
        <PartLink part={want.supplied} /> {part?.name}
      </span>
      <span className="numeric">
        {part?.price}
        {want.quantity > 1 && <span className="small soft fw-normal"> each</span>}
      </span>
      <span className="d-flex gap-1">
        {!isIn && (
          <Button variant="quiet" size="sm" className="take" onClick={putIn}>
            Put in
          </Button>
        )}
        <Button
          variant="link"
          size="sm"
          className="btn-strike"
          aria-label={`Leave out ${want.supplied}`}
          onClick={leave}
        >
          ×
        </Button>
      </span>
      <span className="small soft reason">
        {want.open ? risk(want.open, years) : want.why}{" "}
        <AmountField
          label="worth up to"
          spoken={`Worth of ${want.supplied}`}
          value={want.value}
          onValue={(value) => act({ kind: "adjusted", part: want.supplied, change: { value } })}
        />
      </span>
    </div>
  );
}

const risk = (open: Wire["OpenWire"], years: number): string =>
  `${percent(open.risk)} fail in ${many(years, "year")}, new ${percent(open.riskNew)};`;
