import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { answer, api, type Wire } from "../shared/api";
import { Masthead } from "../shared/Masthead";
import { useMay } from "../shared/session";
import { DecisionBar } from "./DecisionBar";
import { keyOfProposal } from "./keyOfProposal";
import { Proposals } from "./Proposals";
import { Tabs } from "./Tabs";
import { Versions } from "./Versions";
import "./cases.css";

const QUERY = ["learning"];

/** Updates that the cases suggest; nothing changes until somebody accepts it, and an earlier version can be restored. */
export function UpdatesPage() {
  const client = useQueryClient();
  const [chosen, setChosen] = useState<string[]>([]);
  const mayDecide = useMay("change-knowledge");
  const asked = useQuery({ queryKey: QUERY, queryFn: () => answer(api.GET("/api/updates")) });
  const settled = (data: Wire["LearningAnswer"]) => {
    setChosen([]);
    client.setQueryData(QUERY, data);
  };
  const data = asked.data;
  const picked = data?.proposals.filter((p) => chosen.includes(keyOfProposal(p))) ?? [];
  const decide = useMutation({
    mutationFn: (what: "accept" | "decline") => {
      const body = {
        figures: picked.map(({ kind, appliance, subject }) => ({ kind, appliance, subject })),
      };
      return answer(
        what === "accept"
          ? api.POST("/api/updates/accept", { body })
          : api.POST("/api/updates/decline", { body }),
      );
    },
    onSuccess: settled,
  });
  const back = useMutation({
    mutationFn: (version: number) => answer(api.POST("/api/updates/back", { body: { version } })),
    onSuccess: settled,
  });
  const error = asked.error ?? decide.error ?? back.error;
  return (
    <>
      <Masthead />
      <main id="main" className="place cases">
        <h1>Cases</h1>
        <Tabs />
        {error && (
          <div className="notice bad" role="alert">
            {error.message}
          </div>
        )}
        {asked.isPending && <p className="soft">Loading …</p>}
        {data && (
          <>
            <DecisionBar
              cases={data.cases}
              proposals={data.proposals.length}
              version={data.version}
              mayDecide={mayDecide}
              picked={picked.length}
              busy={decide.isPending}
              onAccept={() => decide.mutate("accept")}
              onDecline={() => decide.mutate("decline")}
            />
            <Proposals proposals={data.proposals} chosen={chosen} onChoose={setChosen} />
            <Versions
              versions={data.versions}
              inForce={data.version}
              onBack={mayDecide ? (version) => back.mutate(version) : undefined}
            />
          </>
        )}
      </main>
    </>
  );
}
