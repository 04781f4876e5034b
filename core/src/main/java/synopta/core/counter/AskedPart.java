package synopta.core.counter;

import synopta.core.catalog.Part;

/** A part asked for by its number, and how many of it. */
record AskedPart(Part part, int quantity) {
    /** The key under which it is known and can be struck out. */
    String key() {
        return "part:" + part.number().key();
    }
}
