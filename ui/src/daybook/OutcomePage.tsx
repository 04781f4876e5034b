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
import { DoesItWork } from "./DoesItWork";
import { Entries } from "./Entries";
import { Tabs } from "./Tabs";
import { useTelling } from "./useTelling";
import { WhatCameBack } from "./WhatCameBack";
import { WhatItWas } from "./WhatItWas";
import { WhereItWas } from "./WhereItWas";
import "./daybook.css";

/** So many faults have a key. */
const KEYED = 6;

/** What became of a case: what it was, whether it works, what came back. Three keys, and it is told. */
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
      <main id="main" className="place daybook">
        <h1>What became of case {number}</h1>
        <Tabs />
        {asked.error && (
          <div className="notice bad" role="alert">
            {asked.error.message}
          </div>
        )}
        {asked.data?.status === "open" && (
          <div className="notice">
            “{asked.data.about.line}” is still open: nothing has left yet.{" "}
            <Link to={`/cases/${number}`}>Hand over first</Link>, then write down what became of it.
          </div>
        )}
        {asked.data && asked.data.status !== "open" && <Telling key={asked.data.number} asked={asked.data} />}
      </main>
    </>
  );
}

function Telling({ asked }: { asked: Wire["OutcomeAnswer"] }) {
  const { told, tell, ready, write } = useTelling(asked);
  const [place, setPlace] = useState<Wire["PlaceWire"] | null>(null);
  const choices = place ? asked.choices.filter((choice) => isOf(choice, place)) : asked.choices;
  const keyed = choices.slice(0, KEYED);
  const pick = (clicked: Wire["PlaceWire"] | null) => {
    setPlace(clicked);
    const there = clicked ? asked.choices.filter((choice) => isOf(choice, clicked)) : [];
    tell({ fault: there[0]?.fault ?? null });
  };
  useKeys({
    ...Object.fromEntries(keyed.map((choice, i) => [`${i + 1}`, () => tell({ fault: choice.fault })])),
    "0": () => tell({ fault: null }),
    f: () => tell({ fixed: true }),
    n: () => tell({ fixed: false }),
    Enter: ready ? () => write.mutate() : undefined,
  });
  return (
    <>
      <p>
        “{asked.about.line}” <span className="soft">{when(asked.about.createdAt)}</span>{" "}
        {asked.about.model && <span className="code">{asked.about.model}</span>}
      </p>
      <div className="telling">
        <WhereItWas
          asked={asked}
          choice={asked.choices.find((choice) => choice.fault === told.fault)}
          onPick={pick}
        />
        <WhatItWas
          keyed={keyed}
          others={choices.slice(KEYED)}
          fault={told.fault}
          onFault={(fault) => tell({ fault })}
          of={place && inWords(place)}
          onAll={() => pick(null)}
        />
        <div className="rest">
          <DoesItWork told={told} tell={tell} />
          <WhatCameBack lines={asked.about.lines} back={told.back} onBack={(back) => tell({ back })} />
          {write.error && (
            <div className="notice bad" role="alert">
              {write.error.message}
            </div>
          )}
          <Button variant="act" disabled={!ready || write.isPending} onClick={() => write.mutate()}>
            {ready ? "Write it down" : "Does it work?"} <kbd>Enter</kbd>
          </Button>
        </div>
      </div>
      <Entries entries={asked.entries} />
    </>
  );
}
