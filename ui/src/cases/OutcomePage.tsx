import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Button } from "react-bootstrap";
import { Link, useParams } from "react-router";
import { answer, api, type Wire } from "../shared/api";
import { when } from "../shared/format";
import { inWords } from "../shared/MachineDrawing";
import { isOf } from "../shared/marks";
import { Masthead } from "../shared/Masthead";
import { useKeys } from "../shared/useKeys";
import { RepairResult } from "./RepairResult";
import { OutcomeEntries } from "./OutcomeEntries";
import { Tabs } from "./Tabs";
import { useOutcome } from "./useOutcome";
import { focusReturned, ReturnedParts } from "./ReturnedParts";
import { FaultChoice } from "./FaultChoice";
import { FaultLocation } from "./FaultLocation";
import "./cases.css";

/** How many faults have a key. */
const KEYED = 6;

/** The outcome of a case: the fault, the result and the returned parts; three keys enter it. */
export function OutcomePage() {
  const { number = "" } = useParams();
  const path = { number: Number(number) };
  const asked = useQuery({
    queryKey: ["outcome", number],
    queryFn: () => answer(api.GET("/api/cases/{number}/outcome", { params: { path } })),
  });
  return (
    <>
      <Masthead>
        <Link to={`/cases/${number}`}>Back to the case</Link>
      </Masthead>
      <main id="main" className="place cases">
        <h1>Outcome of case {number}</h1>
        <Tabs />
        {asked.error && (
          <div className="notice bad" role="alert">
            {asked.error.message}
          </div>
        )}
        {asked.data?.status === "open" && (
          <div className="notice">
            “{asked.data.about.line}” is still open: no part was handed over.{" "}
            <Link to={`/cases/${number}`}>Hand over first</Link>, then enter the outcome.
          </div>
        )}
        {asked.data && asked.data.status !== "open" && (
          <OutcomeForm key={asked.data.number} asked={asked.data} />
        )}
      </main>
    </>
  );
}

function OutcomeForm({ asked }: { asked: Wire["OutcomeAnswer"] }) {
  const { draft, change, ready, write } = useOutcome(asked);
  const [place, setPlace] = useState<Wire["PlaceWire"] | null>(null);
  const choices = place ? asked.choices.filter((choice) => isOf(choice, place)) : asked.choices;
  const keyed = choices.slice(0, KEYED);
  const pick = (clicked: Wire["PlaceWire"] | null) => {
    setPlace(clicked);
    const there = clicked ? asked.choices.filter((choice) => isOf(choice, clicked)) : [];
    change({ fault: there[0]?.fault ?? null });
  };
  useKeys({
    ...Object.fromEntries(keyed.map((choice, i) => [`${i + 1}`, () => change({ fault: choice.fault })])),
    "0": () => change({ fault: null }),
    f: () => change({ fixed: true }),
    n: () => change({ fixed: false }),
    r: focusReturned,
    Enter: ready ? () => write.mutate() : undefined,
  });
  return (
    <>
      <p>
        “{asked.about.line}” <span className="soft">{when(asked.about.createdAt)}</span>{" "}
        {asked.about.model && <span className="code">{asked.about.model}</span>}
      </p>
      <div className="telling">
        <FaultLocation
          asked={asked}
          choice={asked.choices.find((choice) => choice.fault === draft.fault)}
          onPick={pick}
        />
        <FaultChoice
          keyed={keyed}
          others={choices.slice(KEYED)}
          fault={draft.fault}
          onFault={(fault) => change({ fault })}
          of={place && inWords(place)}
          onAll={() => pick(null)}
        />
        <div className="rest">
          <RepairResult draft={draft} change={change} />
          <ReturnedParts lines={asked.about.lines} back={draft.back} onBack={(back) => change({ back })} />
          {write.error && (
            <div className="notice bad" role="alert">
              {write.error.message}
            </div>
          )}
          <Button variant="act" disabled={!ready || write.isPending} onClick={() => write.mutate()}>
            {ready ? "Save" : "Fixed or not?"} <kbd>Enter</kbd>
          </Button>
        </div>
      </div>
      <OutcomeEntries entries={asked.entries} />
    </>
  );
}
