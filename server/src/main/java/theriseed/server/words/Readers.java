package theriseed.server.words;

/** Knows whom something is told. */
public interface Readers {
    /** Whoever asked, or anybody where nobody is signed in. */
    Reader now();
}
