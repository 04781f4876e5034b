import { useQuery } from "@tanstack/react-query";
import { answer, api } from "./api";

/** A case is followed up so many days after its parts left. */
export const FOLLOW_UP_DAYS = 7;

/** Cases whose parts left some days ago and whose outcome is not known. */
export function useFollowUps() {
  return useQuery({
    queryKey: ["follow-ups"],
    queryFn: () => answer(api.GET("/api/follow-ups", { params: { query: { days: FOLLOW_UP_DAYS } } })),
  });
}

export const STANDING_QUERY = ["standing"];

/** Reserved and ordered pieces that are still to be fetched. */
export function useStanding() {
  return useQuery({
    queryKey: STANDING_QUERY,
    queryFn: () => answer(api.GET("/api/reservations/standing")),
  });
}
