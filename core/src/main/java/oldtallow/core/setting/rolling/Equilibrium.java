package oldtallow.core.setting.rolling;

/** How a pair settles under its loads at one setting. */
public sealed interface Equilibrium {

    /**
     * It settled.
     *
     * @param endPlay G, mm, below zero preload
     * @param rounds of the solver
     */
    record Settled(double endPlay, BearingLoad inner, BearingLoad outer, int rounds) implements Equilibrium {

        /** L10 of each ring, millions of turns: inboard cone and cup, outboard cone and cup. */
        double[] ringLives(BearingPair pair) {
            return new double[] {
                inner.coneLife(pair.inner()),
                inner.cupLife(pair.inner()),
                outer.coneLife(pair.outer()),
                outer.cupLife(pair.outer())
            };
        }

        /** L10 of the pair, millions of turns. */
        public double life(BearingPair pair) {
            return BearingPair.life(ringLives(pair));
        }
    }

    /**
     * The solver did not get there, and says so.
     *
     * @param off by how much the play it found misses, mm
     */
    record NotSettled(double endPlay, double off) implements Equilibrium {}
}
