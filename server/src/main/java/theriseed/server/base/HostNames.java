package theriseed.server.base;

/** Names and addresses under which browsers may ask for the farm. */
public interface HostNames {
    /**
     * @param host in small letters, without a port
     */
    boolean has(String host);
}
