package theriseed.server.base;

import jakarta.validation.constraints.Size;

/** What every change of a record carries: the version it was made from, and why. Both are absent when it is new. */
public record Changed(
        @Maybe Integer version, @Maybe @Size(max = 300) String reason) {
    public static Changed of(Changed sent) {
        return sent == null ? new Changed(null, null) : sent;
    }

    /** The version it was made from; below 0, which no record has, when none was sent. */
    public int from() {
        return version == null ? -1 : version;
    }

    public String because() {
        return reason == null ? "" : reason;
    }
}
