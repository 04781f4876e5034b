import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Form } from "react-bootstrap";
import { NavLink, useParams } from "react-router";
import { answer, api } from "../shared/api";
import { sentence } from "../shared/format";
import { Masthead } from "../shared/Masthead";
import { EverythingOf, type Chosen } from "./EverythingOf";
import { FaultList } from "./FaultList";
import { FindingList } from "./FindingList";
import "./knowledge.css";

const FIRST = "dryer";

/** What is known of an appliance, as a map: faults on the left, what they show on the right. */
export function KnowledgePage() {
  const { appliance = FIRST } = useParams();
  const shelf = useQuery({ queryKey: ["knowledge"], queryFn: () => answer(api.GET("/api/knowledge")) });
  const pack = useQuery({
    queryKey: ["knowledge", appliance],
    queryFn: () => answer(api.GET("/api/knowledge/{appliance}", { params: { path: { appliance } } })),
  });
  return (
    <>
      <Masthead />
      <main id="main" className="knowledge">
        <h1>Knowledge</h1>
        <nav aria-label="Appliances" className="packs">
          {shelf.data?.packs.map((line) => (
            <NavLink key={line.appliance} to={`/knowledge/${line.appliance}`} className="pack">
              <b>{sentence(line.appliance)}</b>
              <span className="small">
                {line.faults} faults, {line.findings} findings, {line.tests} readings, {line.layouts} layouts
              </span>
            </NavLink>
          ))}
        </nav>
        {shelf.data?.refused.map((refused) => (
          <div key={refused} className="notice bad" role="alert">
            Left out: {refused}
          </div>
        ))}
        {pack.error && (
          <div className="notice bad" role="alert">
            {pack.error.message}
          </div>
        )}
        {pack.data && <PackMap key={appliance} pack={pack.data} />}
      </main>
    </>
  );
}

function PackMap({ pack }: { pack: Parameters<typeof FaultList>[0]["pack"] }) {
  const [sought, setSought] = useState("");
  const [chosen, setChosen] = useState<Chosen>(
    pack.faults[0] === undefined ? null : { kind: "fault", id: pack.faults[0].id },
  );
  return (
    <>
      <Form.Control
        type="search"
        className="seek"
        aria-label="Find a fault or a finding"
        placeholder="Find a fault or a finding"
        value={sought}
        onChange={(event) => setSought(event.target.value)}
      />
      <div className="knowledge-columns">
        <FaultList pack={pack} sought={sought} chosen={chosen} onChoose={setChosen} />
        <EverythingOf pack={pack} chosen={chosen} onChoose={setChosen} />
        <FindingList pack={pack} sought={sought} chosen={chosen} onChoose={setChosen} />
      </div>
    </>
  );
}
