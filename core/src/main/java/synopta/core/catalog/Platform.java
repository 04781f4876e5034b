package synopta.core.catalog;

/** A construction sold under several models and brands; `layout` names the family of the knowledge pack. */
public record Platform(String platform, Appliance appliance, String layout, String note) {}
