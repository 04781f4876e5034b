import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { answer, api, type Wire } from "../shared/api";
import { Masthead } from "../shared/Masthead";
import { specialist } from "../shared/specialist";
import { DecideBar } from "./DecideBar";
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
  const data = asked.data;
  const picked = data?.proposals.filter((p) => chosen.includes(keyOfProposal(p))) ?? [];
  const decide = useMutation({
    mutationFn: (what: "accept" | "decline") => {
      const body = {
        by,
        figures: picked.map(({ kind, appliance, subject }) => ({ kind, appliance, subject })),
      };
      return answer(
        what === "accept"
          ? api.POST("/api/learning/accept", { body })
          : api.POST("/api/learning/decline", { body }),
      );
    },
    onSuccess: settled,
  });
  const back = useMutation({
    mutationFn: (version: number) => answer(api.POST("/api/learning/back", { body: { by, version } })),
    onSuccess: settled,
  });
  const error = asked.error ?? decide.error ?? back.error;
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
            <DecideBar
              cases={data.cases}
              proposals={data.proposals.length}
              version={data.version}
              by={by}
              onBy={setBy}
              picked={picked.length}
              busy={decide.isPending}
              onAccept={() => decide.mutate("accept")}
              onDecline={() => decide.mutate("decline")}
            />
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
