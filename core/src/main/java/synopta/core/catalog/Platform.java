package synopta.core.catalog;

/**
 * A construction sold under several models and brands; `layout` names the family of the knowledge pack.
 *
 * @param platform name of the platform
 * @param appliance kind of machine
 * @param layout id of its layout
 * @param note remark of the catalog, empty when there is none
 */
public record Platform(String platform, Appliance appliance, String layout, String note) {}
