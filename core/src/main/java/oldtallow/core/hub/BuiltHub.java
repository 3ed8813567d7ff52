package oldtallow.core.hub;

/** A hub as it is built, whoever keeps it: what a job on it is planned by. */
public interface BuiltHub {

    Construction construction();

    Fastening fastening();

    Fittings fittings();
}
