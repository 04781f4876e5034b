import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Form } from "react-bootstrap";
import { NavLink, useParams } from "react-router";
import { answer, api } from "../shared/api";
import { sentence } from "../shared/format";
import { Masthead } from "../shared/Masthead";
import { GuideEntry, type Chosen } from "./GuideEntry";
import { FaultList } from "./FaultList";
import { FindingList } from "./FindingList";
import { PackReport } from "./PackReport";
import { TrySentence } from "./TrySentence";
import "./guide.css";

const FIRST = "dryer";

/** The fault guide of an appliance: faults on the left, findings on the right, links between. */
export function GuidePage() {
  const { appliance = FIRST } = useParams();
  const packs = useQuery({ queryKey: ["knowledge"], queryFn: () => answer(api.GET("/api/knowledge")) });
  const pack = useQuery({
    queryKey: ["knowledge", appliance],
    queryFn: () => answer(api.GET("/api/knowledge/{appliance}", { params: { path: { appliance } } })),
  });
  return (
    <>
      <Masthead />
      <main id="main" className="guide">
        <h1>Fault guide</h1>
        <nav aria-label="Appliances" className="packs">
          {packs.data?.packs.map((line) => (
            <NavLink key={line.appliance} to={`/guide/${line.appliance}`} className="pack">
              <b>{sentence(line.appliance)}</b>
              <span className="small">
                {line.faults} faults, {line.findings} findings, {line.tests} readings, {line.layouts}{" "}
                constructions
              </span>
            </NavLink>
          ))}
        </nav>
        {packs.data?.refused.map((refused) => (
          <div key={refused} className="notice bad" role="alert">
            Pack not loaded: {refused}
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
      <TrySentence appliance={pack.appliance} onChoose={setChosen} />
      <Form.Control
        type="search"
        className="seek"
        aria-label="Find a fault or a finding"
        placeholder="Find a fault or a finding"
        value={sought}
        onChange={(event) => setSought(event.target.value)}
      />
      <div className="guide-columns">
        <FaultList pack={pack} sought={sought} chosen={chosen} onChoose={setChosen} />
        <GuideEntry pack={pack} chosen={chosen} onChoose={setChosen} />
        <FindingList pack={pack} sought={sought} chosen={chosen} onChoose={setChosen} />
      </div>
      <PackReport report={pack.report} />
    </>
  );
}
