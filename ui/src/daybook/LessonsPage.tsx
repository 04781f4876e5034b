import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { Button, Form } from "react-bootstrap";
import { answer, api, type Wire } from "../shared/api";
import { many } from "../shared/format";
import { Masthead } from "../shared/Masthead";
import { serving, specialist } from "../shared/specialist";
import { keyOfProposal } from "./keyOfProposal";
import { Proposals } from "./Proposals";
import { Tabs } from "./Tabs";
import { Versions } from "./Versions";
import "./daybook.css";

const QUERY = ["learning"];

/** What the cases teach; nothing changes until somebody accepts it, and what was accepted can be taken back. */
export function LessonsPage() {
  const client = useQueryClient();
  const [chosen, setChosen] = useState<string[]>([]);
  const [by, setBy] = useState(specialist() ?? "");
  const asked = useQuery({ queryKey: QUERY, queryFn: () => answer(api.GET("/api/learning")) });
  const settled = (data: Wire["LearningAnswer"]) => {
    setChosen([]);
    client.setQueryData(QUERY, data);
  };
  const accept = useMutation({
    mutationFn: (figures: Wire["LearntFigureWire"][]) =>
      answer(api.POST("/api/learning/accept", { body: { by, figures } })),
    onSuccess: settled,
  });
  const back = useMutation({
    mutationFn: (version: number) => answer(api.POST("/api/learning/back", { body: { by, version } })),
    onSuccess: settled,
  });
  const error = asked.error ?? accept.error ?? back.error;
  const data = asked.data;
  const picked = data?.proposals.filter((p) => chosen.includes(keyOfProposal(p))) ?? [];
  return (
    <>
      <Masthead />
      <main id="main" className="place daybook">
        <h1>Day book</h1>
        <Tabs />
        {error && (
          <div className="notice bad" role="alert">
            {error.message}
          </div>
        )}
        {asked.isPending && <p className="soft">Counting the cases …</p>}
        {data && (
          <>
            <div className="deciding">
              <p className="mb-0">
                {data.cases === 0
                  ? "Of no case it is known what it was: there is nothing to learn from yet."
                  : `${many(data.cases, "case")} of which it is known what it was, ${many(data.proposals.length, "proposal")}.`}{" "}
                <span className="soft">
                  In force: {data.version === 0 ? "the packs as they ship" : `version ${data.version}`}.
                  Nothing changes by itself.
                </span>
              </p>
              <label>
                Decided by{" "}
                <Form.Control
                  size="sm"
                  value={by}
                  maxLength={80}
                  onChange={(e) => {
                    setBy(e.target.value);
                    serving(e.target.value.trim());
                  }}
                />
              </label>
              <Button
                variant="act"
                disabled={picked.length === 0 || by.trim() === "" || accept.isPending}
                onClick={() =>
                  accept.mutate(picked.map(({ kind, appliance, subject }) => ({ kind, appliance, subject })))
                }
              >
                {picked.length === 0
                  ? "Tick what to accept"
                  : by.trim() === ""
                    ? "Say who decides"
                    : `Accept ${picked.length}`}
              </Button>
            </div>
            <Proposals proposals={data.proposals} chosen={chosen} onChoose={setChosen} />
            <Versions
              versions={data.versions}
              inForce={data.version}
              onBack={by.trim() === "" ? undefined : (version) => back.mutate(version)}
            />
          </>
        )}
      </main>
    </>
  );
}
