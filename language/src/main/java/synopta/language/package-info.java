/** What a clause means: sentence embeddings, the classifiers over them, their training and their measure. */
@org.jspecify.annotations.NullMarked
package synopta.language;
