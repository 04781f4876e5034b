import { useQuery } from "@tanstack/react-query";
import { answer, api, type Wire } from "./api";

/** What the region decides about how things are written. */
type Region = Pick<Wire["HouseRulesWire"], "region" | "clock" | "currency">;

export const SETTINGS_QUERY = ["settings"];

let current: Region = { region: "united-states", clock: "twelve-hours", currency: "USD" };

/** The region in force; the United States until the settings have been loaded. */
export const region = (): Region => current;

export const isMetric = (): boolean => current.region === "metric";

/** Loads the settings and puts their region in force. */
export async function loadSettings(): Promise<Wire["HouseRulesWire"]> {
  const settings = await answer(api.GET("/api/settings"));
  current = settings;
  return settings;
}

/** The settings; undefined while they are loading. */
export function useSettings(): Wire["HouseRulesWire"] | undefined {
  const { data } = useQuery({
    queryKey: SETTINGS_QUERY,
    queryFn: loadSettings,
    staleTime: 60_000,
  });
  return data;
}
