package oldtallow.app.platform.security;

/** It was to serve others without a lock on the line: passwords would go over the network for everybody to read. */
final class OpenDoorException extends RuntimeException {

    private static final long serialVersionUID = 1L;

    OpenDoorException(String address) {
        super("Old Tallow serves other machines over HTTPS only, and " + address + " is not this machine alone.");
    }

    String remedy() {
        return "Start it with ./run --workshop, or give it a certificate, or leave OLDTALLOW_BIND at 127.0.0.1 and put a proxy"
                + " on this machine in front of it (docs/operate.md).";
    }
}
