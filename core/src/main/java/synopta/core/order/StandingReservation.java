package synopta.core.order;

import org.jspecify.annotations.Nullable;

/**
 * A reservation or an order that is still to be fetched, and for whom.
 *
 * @param reservation the reservation
 * @param customer name of the customer of its case; null where none was named
 * @param phone their phone number; null where none was named
 */
public record StandingReservation(
        Reservation reservation,
        @Nullable String customer,
        @Nullable String phone) {}
