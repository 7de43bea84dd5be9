package lowfield.server.editing.web;

/** A request that can tell what its body was, so that the same is known again. */
interface SentBody {
    /** The body, or what stands for it. */
    String told();
}
